<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A job to add to the rail. */
#[OA\Schema(schema: 'NewJob', required: ['title', 'customer', 'due', 'blank', 'quantity'])]
final readonly class NewJob
{
    private function __construct(
        #[OA\Property(maxLength: 120)]
        public string $title,
        #[OA\Property(maxLength: 120)]
        public string $customer,
        #[OA\Property(type: 'string', format: 'date')]
        public string $due,
        #[OA\Property(description: 'Id of one of the shop’s blanks.')]
        public string $blank,
        #[OA\Property(minimum: 1, maximum: 9999)]
        public int $quantity,
    ) {
    }

    /** @throws BadRequest naming the invalid field */
    public static function fromJson(string $body): self
    {
        $fields = Fields::fromJson($body);

        return new self(
            $fields->text('title', 'Say in a few words what the job is.'),
            $fields->text('customer', 'Say who the job is for.'),
            $fields->day('due', 'Choose the day the job is due.'),
            $fields->text('blank', 'Choose what the lettering goes on.'),
            $fields->number('quantity', 'Say how many there are, from 1 to 9999.', 1, 9999),
        );
    }
}
