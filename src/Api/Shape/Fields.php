<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

/** Fields of a JSON request body, read one by one; the error of each says what to send. */
final readonly class Fields
{
    /** @param array<mixed> $data */
    private function __construct(
        private array $data,
        private string $path = '',
    ) {
    }

    /** @throws BadRequest if the body is no JSON object */
    public static function fromJson(string $body): self
    {
        $data = \json_decode($body, true);

        return new self(\is_array($data) ? $data : throw BadRequest::shape('a JSON object'));
    }

    /** @throws BadRequest saying what to send */
    public function text(string $field, string $asked, int $longest = 120): string
    {
        $value = $this->data[$field] ?? null;
        $value = \is_string($value) ? \trim($value) : '';

        return '' === $value || \mb_strlen($value) > $longest ? throw BadRequest::field($this->path.$field, $asked) : $value;
    }

    public function optionalText(string $field): string
    {
        $value = $this->data[$field] ?? null;

        return \is_string($value) ? \trim($value) : '';
    }

    /**
     * @param int|null $usual where nothing is said
     *
     * @throws BadRequest saying what to send
     */
    public function number(string $field, string $asked, int $least, int $most, ?int $usual = null): int
    {
        $value = $this->data[$field] ?? $usual;

        return !\is_int($value) || $value < $least || $value > $most ? throw BadRequest::field($this->path.$field, $asked) : $value;
    }

    /**
     * @return list<int> none if nothing is said
     *
     * @throws BadRequest saying what to send
     */
    public function numbers(string $field, string $asked): array
    {
        $value = $this->data[$field] ?? [];
        $numbers = \is_array($value) ? \array_values(\array_filter($value, \is_int(...))) : null;

        return null === $numbers || $value !== $numbers ? throw BadRequest::field($this->path.$field, $asked) : $numbers;
    }

    /** @throws BadRequest saying what to send */
    public function decimal(string $field, string $asked, float $least, float $most): float
    {
        $value = $this->data[$field] ?? null;
        $value = \is_int($value) ? (float) $value : $value;

        return !\is_float($value) || $value < $least || $value > $most ? throw BadRequest::field($this->path.$field, $asked) : $value;
    }

    /**
     * Null where it is not given.
     *
     * @throws BadRequest saying what to send
     */
    public function optionalDecimal(string $field, string $asked, float $least, float $most): ?float
    {
        return isset($this->data[$field]) ? $this->decimal($field, $asked, $least, $most) : null;
    }

    public function is(string $field): bool
    {
        return true === ($this->data[$field] ?? false);
    }

    /** @throws BadRequest if there is no such object */
    public function part(string $field): self
    {
        $value = $this->data[$field] ?? null;

        return new self(\is_array($value) ? $value : throw BadRequest::shape("an object with $field"), "$this->path$field/");
    }

    /**
     * @return string like 2027-06-04
     *
     * @throws BadRequest saying what to send
     */
    public function day(string $field, string $asked): string
    {
        $text = $this->text($field, $asked);
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $text);

        // PHP carries days that a month doesn't have over into the next one.
        return false === $day || $day->format('Y-m-d') !== $text ? throw BadRequest::field($this->path.$field, $asked) : $text;
    }

    /**
     * @return list<self> the entries of a list
     *
     * @throws BadRequest saying what to send
     */
    public function entries(string $field, string $asked, int $most): array
    {
        $value = $this->data[$field] ?? null;
        if (!\is_array($value) || !\array_is_list($value) || \count($value) > $most) {
            throw BadRequest::field($this->path.$field, $asked);
        }
        $entries = [];
        foreach ($value as $number => $entry) {
            $entries[] = new self(\is_array($entry) ? $entry : throw BadRequest::field($this->path.$field, $asked), "$this->path$field/$number/");
        }

        return $entries;
    }
}
