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
     * @param string $piece the piece of a motif that is filled: its colour's place, and a point in it as it was drawn, in ten-thousandths
     *                      of the motif's width and height to the right of and below its middle, with spaces between; empty for the whole form
     * @param int    $inset how far inside its outline, in µm
     * @param bool   $widen whether letters become wider where they are taller
     */
    public function __construct(
        public Edge $top,
        public Edge $bottom,
        public string $form,
        public string $piece,
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

    /**
     * The piece of a motif that is filled.
     *
     * @return array{colour: int, x: int, y: int}|null y points up; null for the whole form
     */
    public function piece(): ?array
    {
        if ('' === $this->piece) {
            return null;
        }
        [$colour, $x, $down] = \array_map(\intval(...), \explode(' ', $this->piece)) + [0, 0, 0];

        return ['colour' => $colour, 'x' => $x, 'y' => -$down];
    }

    /** What it is known by among the shapes that a line finds: the form, or a piece of it. */
    public function shape(): string
    {
        return \trim("$this->form $this->piece");
    }
}
