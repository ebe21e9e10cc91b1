<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** What it takes to hang a job on the rail. */
#[OA\Schema(schema: 'NewJob', required: ['title', 'customer', 'due', 'blank', 'quantity'])]
final readonly class NewJob
{
    private function __construct(
        #[OA\Property(maxLength: 120)]
        public string $title,
        #[OA\Property(maxLength: 120)]
        public string $customer,
        #[OA\Property(type: 'string', format: 'date')]
        public \DateTimeImmutable $due,
        #[OA\Property(description: 'The id of one of the shop’s blanks.')]
        public string $blank,
        #[OA\Property(minimum: 1, maximum: 9999)]
        public int $quantity,
    ) {
    }

    /** @throws BadRequest with the field that is wrong */
    public static function fromJson(string $body): self
    {
        $data = \json_decode($body, true);
        if (!\is_array($data)) {
            throw BadRequest::shape('a job');
        }
        $text = static function (string $field, string $missing) use ($data): string {
            $value = $data[$field] ?? null;
            $value = \is_string($value) ? \trim($value) : '';

            return '' === $value || \mb_strlen($value) > 120 ? throw BadRequest::field($field, $missing) : $value;
        };
        $title = $text('title', 'Say in a few words what the job is.');
        $customer = $text('customer', 'Say who the job is for.');
        $due = \DateTimeImmutable::createFromFormat('!Y-m-d', $text('due', 'Choose the day the job is due.'));
        if (false === $due) {
            throw BadRequest::field('due', 'Choose the day the job is due.');
        }
        $quantity = $data['quantity'] ?? null;
        if (!\is_int($quantity) || $quantity < 1 || $quantity > 9999) {
            throw BadRequest::field('quantity', 'Say how many there are, from 1 to 9999.');
        }

        return new self($title, $customer, $due, $text('blank', 'Choose what the lettering goes on.'), $quantity);
    }
}
