<?php

declare(strict_types=1);

namespace Uvret\Cut\Frame;

use Uvret\Geometry\Region;

/** Extents perpendicular to each lane direction, in µm. */
final readonly class Extents
{
    /** @param array<int, array{float, float}> $across least and most by the direction in degrees */
    private function __construct(public array $across)
    {
    }

    /** @param list<Region> $regions */
    public static function of(array $regions): self
    {
        $across = [];
        foreach (Lane::DIRECTIONS as $direction) {
            [$along, $off] = [\cos(\deg2rad($direction)), \sin(\deg2rad($direction))];
            [$least, $most] = [\INF, -\INF];
            foreach ($regions as $region) {
                foreach ($region->rings() as $ring) {
                    for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                        $at = $ring[$i + 1] * $along - $ring[$i] * $off;
                        if ($at < $least) {
                            $least = $at;
                        }
                        if ($at > $most) {
                            $most = $at;
                        }
                    }
                }
            }
            $across[$direction] = [$least, $most];
        }

        return new self($across);
    }

    /** @param non-empty-list<self> $all */
    public static function joined(array $all): self
    {
        $across = [];
        foreach (Lane::DIRECTIONS as $direction) {
            $own = \array_map(static fn (self $one): array => $one->across[$direction], $all);
            $across[$direction] = [\min(\array_column($own, 0)), \max(\array_column($own, 1))];
        }

        return new self($across);
    }
}
