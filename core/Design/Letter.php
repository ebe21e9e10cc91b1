<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\NullFor;

/** What is set for a single letter of a line. */
final readonly class Letter
{
    use Derived;

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
        public float $kern,
        public float $along,
        public float $across,
        public float $turn,
        public float $scale,
        public array $features,
        #[NullFor(-1)]
        public ?int $glyph,
        #[NullFor('')]
        public ?string $film,
    ) {
    }

    public function movedTo(int $at): self
    {
        return $this->derive(['at' => $at]);
    }

    /** @param float $more room before it, in thousandths of the em */
    public function spacedBy(float $more): self
    {
        return $this->derive(['kern' => $this->kern + $more]);
    }

    /** Not kerned by the font. */
    public function unkerned(): self
    {
        return $this->derive(['features' => [...$this->features, '-kern']]);
    }

    /**
     * Drawn by features of its own instead of a chosen glyph.
     *
     * @param list<string> $features
     */
    public function drawnBy(array $features): self
    {
        return $this->derive(['features' => $features, 'glyph' => null]);
    }
}
