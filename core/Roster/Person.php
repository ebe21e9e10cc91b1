<?php

declare(strict_types=1);

namespace Uvret\Roster;

/** A row of a roster: one person, or a number of equal pieces. */
final readonly class Person
{
    /** Columns that every roster has; others are the shop's own. */
    public const COLUMNS = ['name', 'number', 'size', 'blank', 'quantity', 'note'];

    /**
     * @param string                   $id     stays when rows are sorted or edited
     * @param array<string, string>    $values by column, as typed
     * @param array<string, \stdClass> $own    by line: what is set for this person only, as parts of the line's document
     */
    public function __construct(
        public string $id,
        public array $values,
        public array $own = [],
    ) {
    }

    public function value(string $column): string
    {
        return $this->values[$column] ?? '';
    }

    /** What is cut: without the spaces before and after, of which only a doubt tells. */
    public function cut(string $column): string
    {
        return \trim($this->value($column));
    }

    /** How many are made; 1 where nothing is said. */
    public function quantity(): int
    {
        $typed = $this->cut('quantity');

        return 1 === \preg_match('/^\d{1,5}$/', $typed) ? (int) $typed : 1;
    }

    /** What they are called: their name, or else their number. */
    public function name(): string
    {
        return '' === $this->cut('name') ? $this->cut('number') : $this->cut('name');
    }

    /** What their pieces are called: with the size. */
    public function title(): string
    {
        return '' === $this->cut('size') ? $this->name() : "{$this->name()}, {$this->cut('size')}";
    }

    /** Differs as soon as anything that is cut for them, or what is noted of them, does. */
    public function digest(): string
    {
        $values = \array_filter($this->values, static fn (string $value): bool => '' !== $value);
        \ksort($values);

        return \hash('xxh128', \serialize([$values, $this->own]));
    }

    public function isEmpty(): bool
    {
        return '' === \implode('', \array_map(\trim(...), $this->values));
    }
}
