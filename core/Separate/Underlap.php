<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\EdgeIndex;
use Uvret\Geometry\Region;

/** Extends a film beneath others along their common edges. */
final class Underlap
{
    /** @var list<array{int, array<int, Region>, Region}> trap, lower pieces by number, and those grown by the trap */
    private array $grown = [];

    /** @var list<Region>|null of the lower region */
    private ?array $pieces = null;

    private readonly EdgeIndex $edge;

    /** @param Region $lower visible part of the lower film */
    public function __construct(private readonly Region $lower)
    {
        $this->edge = new EdgeIndex($lower);
    }

    public function touches(Region $upper): bool
    {
        return $this->edge->touches($upper);
    }

    /** Whether the lower region borders the upper one all around. */
    public function surrounds(Region $upper): bool
    {
        return $this->edge->surrounds($upper);
    }

    /**
     * Splits an upper region into what the lower film fills beneath it (within the trap, connected to the lower region) and the rest.
     *
     * @return array{Region, Region}
     */
    public function parted(Region $upper, int $trap): array
    {
        if (0 === $trap) {
            return [Region::empty(), $upper];
        }
        if ($this->edge->surrounds($upper)) {
            // Near the lower region means near its own edge here, which is much faster to compute.
            $behind = $upper->offset(-$trap);

            return [$upper->subtract($behind), $behind];
        }
        [$near, $behind] = $upper->parted($this->grown($upper, $trap));
        $touching = $near->those($this->edge->touches(...));

        return \count($touching->rings()) === \count($near->rings()) ? [$near, $behind] : [$touching, $upper->subtract($touching)];
    }

    /** The lower region grown by a trap; pieces too far from the upper one to matter may be missing. */
    private function grown(Region $upper, int $trap): Region
    {
        $near = $this->near($upper, $trap);
        foreach ($this->grown as [$width, $pieces, $grown]) {
            if ($width === $trap && [] === \array_diff_key($near, $pieces)) {
                return $grown;
            }
        }
        $grown = $this->lower->those(static fn (Region $piece, int $number): bool => isset($near[$number]))->offset($trap);
        $this->grown[] = [$trap, $near, $grown];

        return $grown;
    }

    /** @return array<int, Region> the lower region's pieces whose boxes come within a distance of the upper one's */
    private function near(Region $upper, int $distance): array
    {
        $boxes = \array_map(static fn (Region $piece): ?Box => $piece->bounds()?->grown($distance), $upper->pieces());

        return \array_filter($this->pieces ??= $this->lower->pieces(), static function (Region $piece) use ($boxes): bool {
            $own = $piece->bounds();
            foreach ($boxes as $box) {
                if (null !== $own && null !== $box && $own->overlaps($box)) {
                    return true;
                }
            }

            return false;
        });
    }
}
