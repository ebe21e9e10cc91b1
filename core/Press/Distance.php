<?php

declare(strict_types=1);

namespace Uvret\Press;

/** A distance to check with a ruler before pressing: from an edge of the blank to the ink. In µm, in the coordinates of the composition. */
final readonly class Distance
{
    public function __construct(
        public string $edge,
        public int $fromX,
        public int $fromY,
        public int $toX,
        public int $toY,
    ) {
    }

    public function length(): int
    {
        return (int) \round(\hypot($this->toX - $this->fromX, $this->toY - $this->fromY));
    }

    /** Rounded like a ruler: whole millimetres, or sixteenths of an inch. */
    public function rounded(bool $inches): int
    {
        $step = $inches ? 25_400 / 16 : 1_000;

        return (int) \round(\round($this->length() / $step) * $step);
    }
}
