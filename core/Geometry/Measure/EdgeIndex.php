<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Index of a region's edge, for repeated tests whether others touch it. */
final class EdgeIndex
{
    /** Distance that counts as touching, in µm: colours of artwork may have hairline gaps. */
    private const NEAR = 2.5;

    private const STRIDE = 1 << 31;

    /** @var array<int, true>|null */
    private ?array $vertices = null;

    /** @var array<int, int>|null if the edge from each corner leads; those that lead on twice are left out */
    private ?array $edges = null;

    private ?BoxTree $tree = null;

    private readonly ?Box $box;

    public function __construct(private readonly Region $region)
    {
        $this->box = $region->bounds();
    }

    /** Whether a region that does not overlap this one touches it. */
    public function touches(Region $other): bool
    {
        $box = $other->bounds()?->grown(3);
        if (null === $box || true !== $this->box?->overlaps($box)) {
            return false;
        }
        // Regions cut by each other usually share corners.
        $vertices = $this->vertices ??= self::verticesOf($this->region);
        foreach ($other->rings() as $ring) {
            for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                if (isset($vertices[$ring[$i] * self::STRIDE + $ring[$i + 1]])) {
                    return true;
                }
            }
        }

        $this->tree ??= BoxTree::of($this->region->rings());

        return $this->tree->distanceTo(BoxTree::of($other->rings()), self::NEAR) < self::NEAR;
    }

    /** Whether another region's edge runs along this one's everywhere, from the other side. */
    public function surrounds(Region $other): bool
    {
        $edges = $this->edges ??= self::edgesOf($this->region);
        foreach ($other->rings() as $ring) {
            $count = \count($ring);
            for ($i = 0, $j = $count - 2; $i < $count; $j = $i, $i += 2) {
                // Both have their inside on the left, so a shared edge runs in opposite directions.
                $to = $edges[$ring[$i] * self::STRIDE + $ring[$i + 1]] ?? null;
                if ($ring[$j] * self::STRIDE + $ring[$j + 1] !== $to) {
                    return false;
                }
            }
        }

        return !$other->isEmpty();
    }

    /** @return array<int, true> */
    private static function verticesOf(Region $region): array
    {
        $vertices = [];
        foreach ($region->rings() as $ring) {
            for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                $vertices[$ring[$i] * self::STRIDE + $ring[$i + 1]] = true;
            }
        }

        return $vertices;
    }

    /** @return array<int, int> */
    private static function edgesOf(Region $region): array
    {
        $edges = $twice = [];
        foreach ($region->rings() as $ring) {
            $count = \count($ring);
            for ($i = 0, $j = $count - 2; $i < $count; $j = $i, $i += 2) {
                $from = $ring[$j] * self::STRIDE + $ring[$j + 1];
                if (isset($edges[$from])) {
                    $twice[] = $from;
                }
                $edges[$from] = $ring[$i] * self::STRIDE + $ring[$i + 1];
            }
        }

        return \array_diff_key($edges, \array_flip($twice));
    }
}
