<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** An upright rectangle, in µm; y points up. */
final readonly class Box
{
    public function __construct(
        public int $left,
        public int $bottom,
        public int $right,
        public int $top,
    ) {
    }

    public function width(): int
    {
        return $this->right - $this->left;
    }

    public function height(): int
    {
        return $this->top - $this->bottom;
    }

    public function moved(int $dx, int $dy): self
    {
        return new self($this->left + $dx, $this->bottom + $dy, $this->right + $dx, $this->top + $dy);
    }

    public function grown(int $margin): self
    {
        return new self($this->left - $margin, $this->bottom - $margin, $this->right + $margin, $this->top + $margin);
    }

    public function joined(self $other): self
    {
        return new self(\min($this->left, $other->left), \min($this->bottom, $other->bottom), \max($this->right, $other->right), \max($this->top, $other->top));
    }

    public function overlaps(self $other): bool
    {
        return $this->left <= $other->right && $other->left <= $this->right && $this->bottom <= $other->top && $other->bottom <= $this->top;
    }

    public function holds(self $other): bool
    {
        return $this->left <= $other->left && $other->right <= $this->right && $this->bottom <= $other->bottom && $other->top <= $this->top;
    }

    /** The rectangle as one anticlockwise ring. */
    public function toRegion(): Region
    {
        return Region::fromRings([[$this->left, $this->bottom, $this->right, $this->bottom, $this->right, $this->top, $this->left, $this->top]]);
    }
}
