<?php

declare(strict_types=1);

namespace Uvret\Design;

/** What is set for a single letter of a line. */
final readonly class Letter
{
    /**
     * @param int          $at       which character of the words, counted from 0
     * @param float        $kern     more room before it, which moves all that follows; in thousandths of the em
     * @param float        $along    to the right, alone, in thousandths of the em
     * @param float        $across   up, in thousandths of the em
     * @param float        $turn     in degrees, clockwise
     * @param float        $scale    in percent
     * @param list<string> $features OpenType features like ss01 or -liga, over those of the line
     * @param int|null     $glyph    a glyph of the font in place of its own
     * @param string|null  $film     a film of its own
     */
    public function __construct(
        public int $at,
        public float $kern = 0.0,
        public float $along = 0.0,
        public float $across = 0.0,
        public float $turn = 0.0,
        public float $scale = 100.0,
        public array $features = [],
        public ?int $glyph = null,
        public ?string $film = null,
    ) {
    }
}
