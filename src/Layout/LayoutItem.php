<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

/** Copies of a design in a layout. Each has a number, the same on all films, and possibly a person. */
final readonly class LayoutItem
{
    /**
     * @param list<int>    $numbers of the copies
     * @param list<string> $people  owner of each copy; empty if all are the same
     */
    public function __construct(
        public string $design,
        public array $numbers,
        public array $people = [],
    ) {
    }

    /**
     * @param array{design: string, copies: int, numbers?: list<int>, people?: list<string>} $item
     * @param int                                                                            $first number where none are kept
     */
    public static function read(array $item, int $first): self
    {
        $numbers = $item['numbers'] ?? ($item['copies'] > 0 ? \range($first, $first + $item['copies'] - 1) : []);

        return new self($item['design'], $numbers, $item['people'] ?? []);
    }

    /** @return array{design: string, copies: int, numbers: list<int>, people: list<string>} */
    public function toArray(): array
    {
        return ['design' => $this->design, 'copies' => $this->copies(), 'numbers' => $this->numbers, 'people' => $this->people];
    }

    public function copies(): int
    {
        return \count($this->numbers);
    }

    public function number(int $copy): int
    {
        return $this->numbers[$copy - 1] ?? $copy;
    }

    /** Id of a copy's person; empty if all copies are the same. */
    public function person(int $copy): string
    {
        return $this->people[$copy - 1] ?? '';
    }

    /** @param list<int> $copies already cut, from 1 */
    public function without(array $copies): self
    {
        $stay = static fn (int $at): bool => !\in_array($at + 1, $copies, true);

        return new self(
            $this->design,
            \array_values(\array_filter($this->numbers, $stay, \ARRAY_FILTER_USE_KEY)),
            \array_values(\array_filter($this->people, $stay, \ARRAY_FILTER_USE_KEY)),
        );
    }

    /** @param list<string> $people with repeats: as many copies of each */
    public function only(array $people): self
    {
        $left = \array_count_values($people);
        $drop = [];
        foreach ($this->people as $at => $person) {
            if (($left[$person] ?? 0) > 0) {
                --$left[$person];
            } else {
                $drop[] = $at + 1;
            }
        }

        return $this->without($drop);
    }
}
