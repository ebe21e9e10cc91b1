<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Offset\Join;
use Uvret\Geometry\Region;

/** A frame to place, and its allowed rotations. */
final class Piece
{
    /** @var array<int, Region> by the turn in degrees, with the left bottom corner at the origin */
    private array $turned = [];

    /** @var array<int, int> likewise */
    private array $heights = [];

    /** @var array<string, Raster> */
    private array $rasters = [];

    /** @var array<string, Profile> */
    private array $profiles = [];

    /**
     * @param Region    $frame   the true one
     * @param Region    $outline simplified outline used for placing
     * @param list<int> $turns   in degrees, anticlockwise
     */
    private function __construct(
        public readonly Region $frame,
        private readonly Region $outline,
        public readonly array $turns,
    ) {
    }

    /** @param list<int> $turns in degrees, anticlockwise */
    public static function of(Region $frame, array $turns = [0, 90, 180, 270]): self
    {
        return new self($frame, NestPolygon::around($frame), $turns);
    }

    /** The rotated outline with its lower left corner at the origin. */
    public function turned(int $turn): Region
    {
        return $this->turned[$turn] ??= $this->outline->transform($this->map($turn));
    }

    /** The exact frame, rotated and moved with its outline. */
    public function trueTurned(int $turn): Region
    {
        return $this->frame->transform($this->map($turn));
    }

    /** Its extent along the film. */
    public function height(int $turn): int
    {
        return $this->heights[$turn] ??= $this->turned($turn)->bounds()->top ?? 0;
    }

    /** Rotation that moves the outline's lower left corner to the origin. */
    public function map(int $turn): Affine
    {
        $round = Affine::turn($turn);
        $box = $this->outline->transform($round)->bounds() ?? throw new \LogicException('A frame has an area.');

        return $round->then(Affine::move(-$box->left, -$box->bottom));
    }

    /** @param int $gap between frames, in µm; half of it surrounds each frame */
    public function raster(int $turn, int $across, int $along, int $gap): Raster
    {
        return $this->rasters["$turn $across $along $gap"] ??= Raster::of($this->grown($turn, $gap), $across, $along);
    }

    /** @param int $gap as for the raster */
    public function profile(int $turn, int $gap): Profile
    {
        return $this->profiles["$turn $gap"] ??= Profile::of($this->turned($turn)->offset(self::half($gap)));
    }

    /** Half of the gap, plus what the chords of an offset's arcs may lose. */
    public static function half(int $gap): int
    {
        return 0 === $gap ? 0 : \intdiv($gap + 1, 2) + (int) Join::ARC_TOLERANCE;
    }

    /** The rotated outline with half the gap around it, its lower left corner at the origin. */
    public function grown(int $turn, int $gap): Region
    {
        $half = self::half($gap);

        return 0 === $half ? $this->turned($turn) : $this->turned($turn)->offset($half)->transform(Affine::move($half, $half));
    }
}
