<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** The lower left corner of a shape's box: brought home from there, what is alike is the same wherever it stands. */
final readonly class Anchor
{
    private function __construct(
        public int $x,
        public int $y,
    ) {
    }

    /** The origin for an empty region. */
    public static function of(Region $region): self
    {
        $box = $region->bounds();

        return new self($box->left ?? 0, $box->bottom ?? 0);
    }

    /** A region, or others that belong to it, with the anchor at the origin. */
    public function home(Region $region): Region
    {
        return $region->transform(Affine::move(-$this->x, -$this->y));
    }

    /** What was made of regions at home, where it belongs. */
    public function back(Region $region): Region
    {
        return $region->transform(Affine::move($this->x, $this->y));
    }
}
