<?php

declare(strict_types=1);

namespace Uvret\Blanks;

/** An edge of a blank from which is measured, as a line of short pieces in µm, y up. */
final readonly class MeasuringEdge
{
    /** @param list<int> $line x and y in turn */
    public function __construct(
        public string $name,
        public array $line,
    ) {
    }

    /** Where it lies at a place across; null beside its ends. */
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
