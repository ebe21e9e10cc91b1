<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\JobState;

/** A changed job, and the version it was changed from. */
#[OA\Schema(schema: 'ChangeJob', required: ['version', 'title', 'customer', 'due', 'state', 'items'])]
final readonly class ChangeJob
{
    /** @param list<JobItem> $items */
    private function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property(maxLength: 120)]
        public string $title,
        #[OA\Property(maxLength: 120)]
        public string $customer,
        #[OA\Property(type: 'string', format: 'date')]
        public string $due,
        #[OA\Property(type: 'string', enum: ['to design', 'to approve', 'to cut', 'to press', 'done'])]
        public JobState $state,
        #[OA\Property(description: 'Price of the whole job; 0 if none is agreed; omit to keep it.', maximum: 1000000, minimum: 0)]
        public ?float $price,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/JobItem'))]
        public array $items,
    ) {
    }

    /** @throws BadRequest naming the invalid field */
    public static function fromJson(string $body): self
    {
        $fields = Fields::fromJson($body);

        return new self(
            $fields->number('version', 'Say which version was changed.', 1, \PHP_INT_MAX),
            $fields->text('title', 'Say in a few words what the job is.'),
            $fields->text('customer', 'Say who the job is for.'),
            $fields->day('due', 'Choose the day the job is due.'),
            JobState::tryFrom($fields->text('state', 'Choose how far the job is.')) ?? throw BadRequest::field('state', 'Choose how far the job is.'),
            $fields->optionalDecimal('price', 'Type what the customer pays, or 0.', 0, 1_000_000),
            \array_map(static fn (Fields $item): JobItem => new JobItem(
                $item->text('blank', 'Say what is to be pressed.', 80),
                $item->text('size', 'Say in which size.', 20),
                $item->number('quantity', 'Say how many there are, from 1 to 9999.', 1, 9999),
            ), $fields->entries('items', 'List what is to be pressed.', 200)),
        );
    }
}
