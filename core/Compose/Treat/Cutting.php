<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Geometry\Anchor;
use Uvret\Geometry\Measure\BoxTree;
use Uvret\Geometry\Region;

/**
 * A cut-out and the area around it that is searched for spikes, shared by all parts it is cut from. Coordinates are relative to its
 * anchor.
 */
final class Cutting
{
    /** Search radius around the cut, in spike widths; farther away, thin shapes belong to the lettering. */
    private const NEAR = 3;

    /** Wider radius, so that the clip's own edge is never taken for an edge of the part. */
    private const ROUND = 6;

    private ?Region $near = null;

    private ?BoxTree $tree = null;

    /**
     * @param Region $region relative to the anchor
     * @param string $digest of the region
     * @param int    $spike  in µm
     */
    private function __construct(
        public readonly Anchor $anchor,
        public readonly Region $region,
        public readonly string $digest,
        private readonly int $spike,
    ) {
    }

    /** @param int $spike in µm */
    public static function of(Region $region, int $spike): self
    {
        $anchor = Anchor::of($region);
        $home = $anchor->home($region);

        return new self(anchor: $anchor, region: $home, digest: $home->digest(), spike: $spike);
    }

    /** The area that may contain spikes. */
    public function near(): Region
    {
        return $this->near ??= $this->region->offset(self::NEAR * $this->spike);
    }

    /** Whether any corner of a shape is close enough for a spike. */
    public function isNear(Region $shape): bool
    {
        $tree = $this->tree ??= BoxTree::of($this->region->rings());
        foreach ($shape->rings() as $ring) {
            for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                if ($tree->edgeNearer($ring[$i], $ring[$i + 1], self::NEAR * $this->spike) >= 0) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Clip box for the search. */
    public function round(): Region
    {
        return $this->region->bounds()?->grown(self::ROUND * $this->spike)->toRegion() ?? Region::empty();
    }
}
