<?php

declare(strict_types=1);

namespace Uvret\Plan;

use Uvret\Compose\Composition;
use Uvret\Cut\CutPlan;
use Uvret\Design\Design;
use Uvret\Separate\Separation;
use Uvret\Snags\Snag;

/** A design with all that was worked out from it. */
final readonly class Plan
{
    /** @param list<Snag> $snags */
    public function __construct(
        public Design $design,
        public Composition $composition,
        public Separation $separation,
        public CutPlan $cutPlan,
        public array $snags,
    ) {
    }

    /** The film all sheets take together, in µm of its length. */
    public function filmLength(): int
    {
        $length = 0;
        foreach ($this->cutPlan->sheets as $sheet) {
            $length += $sheet->filmLength();
        }

        return $length;
    }

    /**
     * What is left of the area beyond the ink in the tighter direction, on a brim between its edge and the crown, in µm; below 0 when
     * the ink does not fit into it; null without ink.
     */
    public function spare(): ?int
    {
        $ink = $this->composition->ink();
        $area = $this->composition->area;
        $placement = $this->design->blank->placement;
        if (null !== $ink && null !== $placement->brim) {
            [$nearest, $farthest] = $this->radii(-$placement->across, $placement->down);

            return (int) \floor($placement->brim->edge - $placement->brim->crown - ($farthest - $nearest));
        }

        return null === $ink ? null : \min($area->width() - $ink->width(), $area->height() - $ink->height());
    }

    /** @return array{float, float} how near to and how far from a point corners of the ink lie, in µm */
    private function radii(int $x, int $y): array
    {
        [$nearest, $farthest] = [\INF, 0.0];
        foreach ($this->composition->worn() as $part) {
            foreach ($part->region->rings() as $ring) {
                for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                    $radius = \hypot($ring[$i] - $x, $ring[$i + 1] - $y);
                    [$nearest, $farthest] = [\min($nearest, $radius), \max($farthest, $radius)];
                }
            }
        }

        return [\min($nearest, $farthest), $farthest];
    }
}
