<?php

declare(strict_types=1);

namespace Uvret\Design;

/**
 * A design on the other sizes of its blank: each card's measures stay, grow with the area's width, or stand in a table by size, as its
 * `bySize` says. What the knife and the hands need (outlines, clearances, traps) stays.
 */
final readonly class SizeSet
{
    /** What grows: places and measures of a card, in µm. */
    public const GROWS = [
        'size/length', 'size/high', 'size/width', 'size/height',
        'place/across', 'place/down', 'belongs/across', 'belongs/down',
        'stacking/gap', 'stacking/shift',
        'shape/corner', 'shape/band',
        'follows/lift', 'follows/arc/radius', 'follows/arc/rise',
        'follows/ring/radius', 'follows/ring/across', 'follows/ring/down', 'follows/ring/gap',
        'follows/brim/inset', 'follows/spiral/inner', 'follows/spiral/across', 'follows/spiral/down',
        'fills/inset', 'fills/top/rise', 'fills/top/left', 'fills/top/right', 'fills/bottom/rise', 'fills/bottom/left', 'fills/bottom/right',
        'fitting/atMost',
        'treatments/copies/gap', 'treatments/copies/radius',
    ];

    /** @param list<\stdClass&object{size: string, width: int, placements: list<\stdClass&object{id: string, width: int}>}> $sizes */
    private function __construct(private array $sizes)
    {
    }

    /** @param \stdClass $blank of the shop, see shop-blank.schema.json */
    public static function of(\stdClass $blank): self
    {
        /** @var list<\stdClass&object{size: string, width: int, placements: list<\stdClass&object{id: string, width: int}>}> $sizes */
        $sizes = \is_array($blank->sizes ?? null) ? $blank->sizes : [];

        return new self($sizes);
    }

    /** Of a blank that is not on the shop's shelf. */
    public static function none(): self
    {
        return new self([]);
    }

    /** @return list<string> */
    public function sizes(): array
    {
        return \array_column($this->sizes, 'size');
    }

    /**
     * A design on another size, in the same placement.
     *
     * @param \stdClass $document the design's, complete; stays as it is
     *
     * @return \stdClass the same document where it is of that size, or the blank doesn't come in it with that placement
     */
    public function document(\stdClass $document, string $size): \stdClass
    {
        $blank = $document->blank;
        \assert($blank instanceof \stdClass && $blank->placement instanceof \stdClass);
        $wanted = $this->size($size);
        if (null === $wanted || $wanted->size === $blank->size) {
            return $document;
        }
        foreach ($wanted->placements as $placement) {
            if ($placement->id === $blank->placement->id) {
                return self::on($document, $wanted, $placement);
            }
        }

        return $document;
    }

    /** @return (\stdClass&object{size: string, width: int, placements: list<\stdClass&object{id: string, width: int}>})|null */
    private function size(string $typed): ?\stdClass
    {
        foreach ($this->sizes as $size) {
            if (\mb_strtolower(\trim($typed)) === \mb_strtolower($size->size)) {
                return $size;
            }
        }

        return null;
    }

    private static function on(\stdClass $document, \stdClass $size, \stdClass $placement): \stdClass
    {
        $copy = \unserialize(\serialize($document));
        \assert($copy instanceof \stdClass && $copy->blank instanceof \stdClass && $copy->blank->placement instanceof \stdClass);
        $factor = self::number($placement->width) / \max(1, self::number($copy->blank->placement->width));
        $copy->blank->size = $size->size;
        $copy->blank->width = $size->width;
        $copy->blank->height = $size->height ?? 0;
        $copy->blank->keepOff = $size->keepOff ?? [];
        $copy->blank->placement = $placement;
        foreach (['lines', 'forms', 'motifs'] as $list) {
            foreach (\is_array($copy->{$list} ?? null) ? $copy->{$list} : [] as $card) {
                \assert($card instanceof \stdClass);
                self::card($card, \is_string($size->size) ? $size->size : '', $factor);
            }
        }

        return $copy;
    }

    private static function card(\stdClass $card, string $size, float $factor): void
    {
        $bySize = $card->bySize ?? null;
        $rule = $bySize instanceof \stdClass ? $bySize->rule : 'stay';
        if ('grow' === $rule) {
            self::grow($card, $factor);
        }
        if ('table' !== $rule || !$bySize instanceof \stdClass || !$card->size instanceof \stdClass) {
            return;
        }
        foreach (\is_array($bySize->table) ? $bySize->table : [] as $entry) {
            if ($entry instanceof \stdClass && $entry->size === $size) {
                $length = self::number($entry->length);
                if (isset($card->size->width)) {
                    // A form keeps its proportions.
                    $card->size->height = (int) \round(self::number($card->size->height) * $length / \max(1, self::number($card->size->width)));
                    $card->size->width = $length;
                } else {
                    $card->size->length = $length;
                }
            }
        }
    }

    private static function grow(\stdClass $card, float $factor): void
    {
        foreach (self::GROWS as $path) {
            $names = \explode('/', $path);
            $last = \array_pop($names);
            $group = $card;
            foreach ($names as $name) {
                $group = $group instanceof \stdClass ? $group->{$name} ?? null : null;
            }
            if ($group instanceof \stdClass && \is_int($group->{$last} ?? null)) {
                $group->{$last} = (int) \round($group->{$last} * $factor);
            }
        }
    }

    private static function number(mixed $value): int
    {
        return \is_int($value) ? $value : 0;
    }
}
