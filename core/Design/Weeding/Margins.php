<?php

declare(strict_types=1);

namespace Uvret\Design\Weeding;

/** How far a rectangle stands off the ink, as worn, in µm. */
final readonly class Margins
{
    public function __construct(
        public int $left,
        public int $right,
        public int $top,
        public int $bottom,
    ) {
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
