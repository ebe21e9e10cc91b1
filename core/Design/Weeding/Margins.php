<?php

declare(strict_types=1);

namespace Uvret\Design\Weeding;

use Uvret\Geometry\Box;

/** Margins of a rectangular frame, as worn, in µm. */
final readonly class Margins
{
    public function __construct(
        public int $left,
        public int $right,
        public int $top,
        public int $bottom,
    ) {
    }

    public function around(Box $ink): Box
    {
        return new Box($ink->left - $this->left, $ink->bottom - $this->bottom, $ink->right + $this->right, $ink->top + $this->top);
    }

    public function least(int $length): self
    {
        return new self(
            left: \max($this->left, $length),
            right: \max($this->right, $length),
            top: \max($this->top, $length),
            bottom: \max($this->bottom, $length),
        );
    }
}
