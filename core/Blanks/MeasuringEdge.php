<?php

declare(strict_types=1);

namespace Uvret\Blanks;

/** An edge of a blank to measure from, as a polyline in µm, y up. */
final readonly class MeasuringEdge
{
    /** @param list<int> $line x and y in turn */
    public function __construct(
        public string $name,
        public array $line,
    ) {
    }

    /** Its height at an x; null beyond its ends. */
    public function at(int $x): ?int
    {
        for ($i = 2, $count = \count($this->line); $i < $count; $i += 2) {
            [$ax, $ay, $bx, $by] = [$this->line[$i - 2], $this->line[$i - 1], $this->line[$i], $this->line[$i + 1]];
            if ($ax !== $bx && \min($ax, $bx) <= $x && $x <= \max($ax, $bx)) {
                return (int) \round($ay + ($by - $ay) * ($x - $ax) / ($bx - $ax));
            }
        }

        return null;
    }
}
