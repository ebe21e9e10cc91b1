<?php

declare(strict_types=1);

namespace Uvret\Layout;

/** A carrier mat with one zone per film, one behind the other. Lengths in µm. */
final readonly class Mat
{
    /** Gap between zones, so that films never overlap. */
    public const APART = 5_000;

    private function __construct(
        public int $width,
        public int $length,
        /** Margin kept free all round. */
        public int $edge,
    ) {
    }

    /** @throws StockException */
    public static function of(int $width, int $length, int $edge): self
    {
        return $width <= 2 * $edge || $length <= 2 * $edge ? throw StockException::nothingUsable('The mat') : new self($width, $length, $edge);
    }

    /** Maximum width of a film. */
    public function usableWidth(): int
    {
        return $this->width - 2 * $this->edge;
    }

    /**
     * Start of each zone along the mat.
     *
     * @param array<string, int> $lengths of the zones in order
     *
     * @return array<string, int>
     */
    public function zones(array $lengths): array
    {
        $zones = [];
        $from = $this->edge;
        foreach ($lengths as $zone => $length) {
            $zones[$zone] = $from;
            $from += 0 === $length ? 0 : $length + self::APART;
        }

        return $zones;
    }

    /**
     * Missing mat length; 0 if all zones fit.
     *
     * @param array<string, int> $lengths
     */
    public function short(array $lengths): int
    {
        $used = \array_filter($lengths);
        $needs = \array_sum($used) + self::APART * \max(0, \count($used) - 1) + 2 * $this->edge;

        return \max(0, $needs - $this->length);
    }
}
