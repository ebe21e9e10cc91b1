<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;

/** A frame to be laid out, and its allowed rotations. */
final class Piece
{
    /** @var array<int, Region> by the turn in degrees, with the left bottom corner at the origin */
    private array $turned = [];

    /** @var array<string, Raster> */
    private array $rasters = [];

    /**
     * @param Region    $frame   the true one
     * @param Region    $outline what is laid out for it
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
        return new self($frame, Outline::around($frame), $turns);
    }

    /** The rotated outline with its lower left corner at the origin. */
    public function turned(int $turn): Region
    {
        return $this->turned[$turn] ??= $this->outline->transform($this->map($turn));
    }

    /** The true frame, rotated and moved with its outline. */
    public function trueTurned(int $turn): Region
    {
        return $this->frame->transform($this->map($turn));
    }

    /** Rotation that moves the outline's lower left corner to the origin. */
    private function map(int $turn): Affine
    {
        $round = Affine::turn($turn);
        $box = $this->outline->transform($round)->bounds() ?? throw new \LogicException('A frame has an area.');

        return $round->then(Affine::move(-$box->left, -$box->bottom));
    }

    /** @param int $gap that is kept to other frames, in µm: half of it lies round the frame */
    public function raster(int $turn, int $cell, int $gap): Raster
    {
        return $this->rasters["$turn $cell $gap"] ??= Raster::of($this->grown($this->turned($turn), $gap), $cell);
    }

    private function grown(Region $region, int $gap): Region
    {
        $half = \intdiv($gap + 1, 2);

        return 0 === $half ? $region : $region->offset($half)->transform(Affine::move($half, $half));
    }
}
