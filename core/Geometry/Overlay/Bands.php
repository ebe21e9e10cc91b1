<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

/** Lowest and highest extents of some edges in vertical bands; edges outside cannot meet them. */
final readonly class Bands
{
    private const COUNT = 128;

    /**
     * @param int       $left    of the first band
     * @param int       $right   of all edges
     * @param int       $width   of a band
     * @param list<int> $lowest  by band
     * @param list<int> $highest
     */
    private function __construct(
        public int $left,
        public int $right,
        public int $width,
        public array $lowest,
        public array $highest,
    ) {
    }

    /** @param non-empty-array<int, true> $edges */
    public static function over(Rings $rings, array $edges): self
    {
        $x = $rings->x;
        $y = $rings->y;
        $left = \PHP_INT_MAX;
        $right = \PHP_INT_MIN;
        foreach ($edges as $edge => $_) {
            $left = \min($left, $x[$edge], $x[$edge + 1]);
            $right = \max($right, $x[$edge], $x[$edge + 1]);
        }
        $width = \intdiv($right - $left, self::COUNT) + 1;
        $count = \intdiv($right - $left, $width) + 1;
        $lowest = \array_fill(0, $count, \PHP_INT_MAX);
        $highest = \array_fill(0, $count, \PHP_INT_MIN);
        foreach ($edges as $edge => $_) {
            $low = \min($y[$edge], $y[$edge + 1]);
            $high = \max($y[$edge], $y[$edge + 1]);
            $to = \intdiv(\max($x[$edge], $x[$edge + 1]) - $left, $width);
            for ($band = \intdiv(\min($x[$edge], $x[$edge + 1]) - $left, $width); $band <= $to; ++$band) {
                $lowest[$band] = \min($lowest[$band], $low);
                $highest[$band] = \max($highest[$band], $high);
            }
        }

        return new self($left, $right, $width, \array_values($lowest), \array_values($highest));
    }
}
