<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\Downward;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** A place on a blank that lettering stays away from: a seam, a zip, a pocket. Lengths are in µm. */
final readonly class KeepOff
{
    /** Half the nominal width of lines and points. */
    private const HALF = 5;

    /**
     * @param list<int> $points   x and y in turn from the blank's measuring point, y up: one point, a line, or the corners of a shape
     * @param bool      $closed   whether they are the corners of a shape
     * @param int       $distance clearance to lettering
     */
    public function __construct(
        public string $id,
        public KeepOffKind $kind,
        public string $name,
        #[Downward]
        public array $points,
        public bool $closed,
        public int $distance,
    ) {
    }

    /** Bounding box, moved by dx and dy. */
    public function bounds(int $dx = 0, int $dy = 0): Box
    {
        $box = null;
        foreach (\array_chunk($this->points, 2) as $point) {
            $next = new Box($point[0], $point[1] ?? 0, $point[0], $point[1] ?? 0);
            $box = $box?->joined($next) ?? $next;
        }

        return ($box ?? new Box(0, 0, 0, 0))->grown(self::HALF)->moved($dx, $dy);
    }

    /** Its own area without the clearance, moved by dx and dy; lines are 10 µm wide. */
    public function region(int $dx = 0, int $dy = 0): Region
    {
        $points = [];
        foreach (\array_chunk($this->points, 2) as $point) {
            $points[] = [$point[0] + $dx, ($point[1] ?? 0) + $dy];
        }
        if ($this->closed && \count($points) > 2) {
            return Region::fromRings([\array_merge(...$points)]);
        }
        $rings = [];
        foreach ($points as $at => [$x, $y]) {
            $rings[] = [
                $x - self::HALF, $y - self::HALF,
                $x + self::HALF, $y - self::HALF,
                $x + self::HALF, $y + self::HALF,
                $x - self::HALF, $y + self::HALF,
            ];
            if (isset($points[$at + 1])) {
                $rings[] = self::strip($x, $y, ...$points[$at + 1]);
            }
        }

        return Region::fromRings($rings);
    }

    /** @return list<int> a strip round a piece of the line, anticlockwise */
    private static function strip(int $ax, int $ay, int $bx, int $by): array
    {
        $length = \max(1.0, \hypot($bx - $ax, $by - $ay));
        $across = (int) \round(self::HALF * ($ay - $by) / $length);
        $up = (int) \round(self::HALF * ($bx - $ax) / $length);

        return [$ax - $across, $ay - $up, $bx - $across, $by - $up, $bx + $across, $by + $up, $ax + $across, $ay + $up];
    }
}
