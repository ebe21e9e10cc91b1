<?php

declare(strict_types=1);

namespace Uvret\Design\Fill;

use Uvret\Design\Reading\Named;
use Uvret\Design\Reading\Word;

/** The edges that a line is stretched between. */
final readonly class Fills
{
    /**
     * @param string $form  the form whose edges are taken, where one of them says so
     * @param int    $inset how far inside its outline, in µm
     * @param bool   $widen whether letters become wider where they are taller
     */
    public function __construct(
        public Edge $top,
        public Edge $bottom,
        public string $form,
        public int $inset,
        #[Named('widths'), Word('by height')]
        public bool $widen,
    ) {
    }

    /** Whether the line is stretched at all. */
    public function isPlain(): bool
    {
        return $this->top->isPlain() && $this->bottom->isPlain();
    }

    /** Whether the line takes its place and width from a form. */
    public function takesForm(): bool
    {
        return EdgeShape::Form === $this->top->shape || EdgeShape::Form === $this->bottom->shape;
    }
}
