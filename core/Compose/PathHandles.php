<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Line;
use Uvret\Geometry\Affine;

/** Points of a line's path and edges that can be dragged on the stage. Lengths are in µm. */
final readonly class PathHandles
{
    /**
     * @param list<array{int, int}>                                                 $path   points of the path; empty if the line is straight
     * @param array{int, int}|null                                                  $middle the path's point at the middle of the line
     * @param array{int, int, int}|null                                             $circle centre and radius, where the path has them
     * @param list<array{edge: string, at: string, x: int, y: int, heading: float}> $edges  the ends and the middles of both edges, and which way the
     *                                                                                      line goes there
     */
    private function __construct(
        public array $path,
        public ?array $middle,
        public ?array $circle,
        public array $edges,
    ) {
    }

    /** @param Affine $map from the setting to the sized line */
    public static function of(Line $line, Setting $setting, Affine $map): self
    {
        $path = [];
        $middle = $circle = null;
        $guide = $setting->guide;
        if (null !== $guide) {
            [$from, $until] = $setting->span();
            $beyond = 0.12 * ($until - $from);
            $points = $guide->trace($from - $beyond, $until + $beyond);
            $path = self::all($points, $map);
            $middle = self::mapped($guide->point(FollowPath::Outline === $line->follows->path ? 0.0 : ($from + $until) / 2), $map);
            $round = $guide->circle();
            if (null !== $round) {
                $centre = self::mapped([$round[0], $round[1]], $map);
                $circle = [$centre[0], $centre[1], (int) \round($round[2])];
            }
        }
        if (FollowPath::Arc === $line->follows->path && null === $guide) {
            // A flattened arc can be dragged again.
            $path = self::all([[0, 0], [$setting->width, 0]], $map);
            $middle = self::mapped([$setting->width / 2, 0], $map);
        }
        $edges = [];
        if (null !== $setting->filling) {
            foreach (['top' => [$setting->highest, $line->fills->top], 'bottom' => [$setting->lowest, $line->fills->bottom]] as $name => [$y, $edge]) {
                foreach (['left' => 0.0, 'middle' => $edge->peak(), 'right' => 1.0] as $at => $share) {
                    $x = $share * $setting->width;
                    [$px, $py] = self::mapped($setting->at($x, $y), $map);
                    $edges[] = [
                        'edge' => $name,
                        'at' => $at,
                        'x' => $px,
                        'y' => $py,
                        'heading' => $setting->heading($x) - ($line->follows->path->isPlaced() ? 0.0 : $line->place->turn),
                    ];
                }
            }
        }

        return new self($path, $middle, $circle, $edges);
    }

    public function moved(int $dx, int $dy): self
    {
        $move = Affine::move($dx, $dy);

        return new self(
            self::all($this->path, $move),
            null === $this->middle ? null : self::mapped($this->middle, $move),
            null === $this->circle ? null : [$this->circle[0] + $dx, $this->circle[1] + $dy, $this->circle[2]],
            \array_map(static fn (array $edge): array => ['x' => $edge['x'] + $dx, 'y' => $edge['y'] + $dy] + $edge, $this->edges),
        );
    }

    /**
     * @param list<array{float|int, float|int}> $points
     *
     * @return list<array{int, int}>
     */
    private static function all(array $points, Affine $map): array
    {
        return \array_map(static fn (array $point): array => self::mapped($point, $map), $points);
    }

    /**
     * @param array{float|int, float|int} $point
     *
     * @return array{int, int}
     */
    private static function mapped(array $point, Affine $map): array
    {
        [$x, $y] = $point;

        return [(int) \round($map->a * $x + $map->c * $y + $map->e), (int) \round($map->b * $x + $map->d * $y + $map->f)];
    }
}
