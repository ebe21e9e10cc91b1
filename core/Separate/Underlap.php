<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\EdgeIndex;
use Uvret\Geometry\Region;

/** How far a film runs on beneath others along the edges that it has in common with them. */
final class Underlap
{
    /** @var array<string, Region> by the trap and the pieces that were grown */
    private array $grown = [];

    private readonly EdgeIndex $edge;

    /** @param Region $lower what is seen of the lower film */
    public function __construct(private readonly Region $lower)
    {
        $this->edge = new EdgeIndex($lower);
    }

    public function touches(Region $upper): bool
    {
        return $this->edge->touches($upper);
    }

    /** Whether all of an upper region's edge is the lower one's as well. */
    public function surrounds(Region $upper): bool
    {
        return $this->edge->surrounds($upper);
    }

    /**
     * An upper region in two: what lies beneath it within a distance of the lower one and hangs together with that, and what is left.
     *
     * @return array{Region, Region}
     */
    public function parted(Region $upper, int $trap): array
    {
        if (0 === $trap) {
            return [Region::empty(), $upper];
        }
        if ($this->edge->surrounds($upper)) {
            // Whatever of it is near the lower one is near its own edge, and far quicker found there.
            $behind = $upper->offset(-$trap);

            return [$upper->subtract($behind), $behind];
        }
        [$near, $behind] = $upper->parted($this->grown($upper, $trap));
        $touching = $near->those($this->edge->touches(...));

        return \count($touching->rings()) === \count($near->rings()) ? [$near, $behind] : [$touching, $upper->subtract($touching)];
    }

    /** All that lies within a distance of the lower region, as far as the upper one has to do with it. */
    private function grown(Region $upper, int $trap): Region
    {
        $boxes = \array_map(static fn (Region $piece): ?Box => $piece->bounds()?->grown($trap), $upper->pieces());
        $near = $this->lower->those(static function (Region $piece) use ($boxes): bool {
            $own = $piece->bounds();
            foreach ($boxes as $box) {
                if (null !== $own && null !== $box && $own->overlaps($box)) {
                    return true;
                }
            }

            return false;
        });

        return $this->grown[$trap.' '.$near->digest()] ??= $near->offset($trap);
    }
}
