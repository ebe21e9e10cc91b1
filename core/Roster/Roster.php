<?php

declare(strict_types=1);

namespace Uvret\Roster;

/** A job's list of names, numbers and sizes. */
final readonly class Roster
{
    /** People that one list may hold. */
    public const MOST = 5_000;

    /**
     * @param list<string> $more   columns of the shop's own, besides those of every list
     * @param list<Person> $people in the order of the list
     */
    public function __construct(
        public array $more,
        public array $people,
    ) {
    }

    public static function empty(): self
    {
        return new self([], []);
    }

    /** @return list<string> all columns */
    public function columns(): array
    {
        return [...Person::COLUMNS, ...$this->more];
    }

    public function person(string $id): ?Person
    {
        foreach ($this->people as $person) {
            if ($person->id === $id) {
                return $person;
            }
        }

        return null;
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass: {"columns": ["year"], "people": [{"id": "1", "values": {"name": "Ottilie"},
     *                        "own": {"line-1": {…}}}]}
     *
     * @throws RosterException
     */
    public static function fromDocument(mixed $document): self
    {
        if (!$document instanceof \stdClass || !\is_array($document->people ?? null) || !\is_array($document->columns ?? null)) {
            throw RosterException::notAList();
        }
        if (\count($document->people) > self::MOST) {
            throw RosterException::tooMany(\count($document->people), self::MOST);
        }
        $more = [];
        foreach ($document->columns as $column) {
            $name = \is_string($column) ? \trim($column) : '';
            if ('' === $name || \mb_strlen($name) > 40 || 1 === \preg_match('/[⟨⟩\n]/u', $name)) {
                throw RosterException::badColumn($name);
            }
            if (\in_array(\mb_strtolower($name), \array_map(\mb_strtolower(...), [...Person::COLUMNS, ...$more]), true)) {
                throw RosterException::columnTwice($name);
            }
            $more[] = $name;
        }
        $people = $ids = [];
        foreach ($document->people as $row => $entry) {
            $person = self::personOf($entry, [...Person::COLUMNS, ...$more], $row + 1);
            if (isset($ids[$person->id])) {
                throw RosterException::personTwice($row + 1);
            }
            $ids[$person->id] = true;
            $people[] = $person;
        }

        return new self($more, $people);
    }

    /** @return array{columns: list<string>, people: list<array{id: string, values: object, own: object}>} as it is kept */
    public function toDocument(): array
    {
        return [
            'columns' => $this->more,
            'people' => \array_map(static fn (Person $person): array => [
                'id' => $person->id,
                'values' => (object) $person->values,
                'own' => (object) $person->own,
            ], $this->people),
        ];
    }

    /** @param list<string> $columns */
    private static function personOf(mixed $entry, array $columns, int $row): Person
    {
        $id = $entry instanceof \stdClass ? $entry->id ?? null : null;
        if (!$entry instanceof \stdClass || !\is_string($id) || 1 !== \preg_match('/^[A-Za-z0-9-]{1,40}$/', $id)) {
            throw RosterException::badRow($row);
        }
        $values = [];
        foreach (self::fields($entry->values ?? null) as $column => $value) {
            if (!\is_string($value) || \mb_strlen($value) > 200) {
                throw RosterException::badValue($row, $column);
            }
            if ('' !== $value && \in_array($column, $columns, true)) {
                $values[$column] = $value;
            }
        }
        $own = [];
        foreach (self::fields($entry->own ?? null) as $line => $part) {
            if ($part instanceof \stdClass) {
                $own[$line] = $part;
            }
        }

        return new Person($id, $values, $own);
    }

    /** @return iterable<string, mixed> */
    private static function fields(mixed $object): iterable
    {
        foreach ($object instanceof \stdClass ? \get_object_vars($object) : [] as $name => $value) {
            yield (string) $name => $value;
        }
    }
}
