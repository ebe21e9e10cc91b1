<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** A shape's lower left corner. Shapes moved from their anchors to the origin compare equal wherever they were placed. */
final readonly class Anchor
{
    private function __construct(
        public int $x,
        public int $y,
    ) {
    }

    /** For an empty region, the origin. */
    public static function of(Region $region): self
    {
        $box = $region->bounds();

        return new self($box->left ?? 0, $box->bottom ?? 0);
    }

    /** Moves a region from the anchor to the origin. */
    public function home(Region $region): Region
    {
        return $region->transform(Affine::move(-$this->x, -$this->y));
    }

    /** Moves a region from the origin back to the anchor. */
    public function back(Region $region): Region
    {
        return $region->transform(Affine::move($this->x, $this->y));
    }
}
