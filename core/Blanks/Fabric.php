<?php

declare(strict_types=1);

namespace Uvret\Blanks;

/**
 * Draws a colour of cloth: darker in the folds, lighter in the light. The grain makes weave
 * and stitches finer on small blanks. All methods return SVG elements.
 */
final readonly class Fabric
{
    private function __construct(
        private bool $light,
        private float $grain,
    ) {
    }

    /** @param string $colour like #2F5D62 */
    public static function of(string $colour, float $grain): self
    {
        [$red, $green, $blue] = \array_map(\hexdec(...), \str_split(\ltrim($colour, '#'), 2));

        return new self((0.3 * $red + 0.59 * $green + 0.11 * $blue) / 255 > 0.55, $grain);
    }

    public function definitions(): string
    {
        return \sprintf(<<<'SVG'
            <defs>
            <pattern id="weave" width="%1$s" height="%1$s" patternUnits="userSpaceOnUse"><path d="M0 .75h3M.75 0v3" transform="scale(%2$s)" stroke="%3$s" stroke-opacity=".05" stroke-width=".7"/></pattern>
            <linearGradient id="light" x1="0" x2="1" y1="0" y2="0.12"><stop offset="0" stop-color="%4$s" stop-opacity=".2"/><stop offset=".22" stop-color="%4$s" stop-opacity=".02"/><stop offset=".5" stop-color="#fff" stop-opacity=".06"/><stop offset=".8" stop-color="%4$s" stop-opacity=".03"/><stop offset="1" stop-color="%4$s" stop-opacity=".22"/></linearGradient>
            <filter id="soft" x="-50%%" y="-50%%" width="200%%" height="200%%"><feGaussianBlur stdDeviation="%5$s"/></filter>
            </defs>
            SVG, 3 * $this->grain, $this->grain, $this->light ? '#5b4f2e' : '#fff', $this->dark(), 6 * $this->grain);
    }

    /** Filled with the fabric, its weave and the light on it. */
    public function cloth(string $path): string
    {
        return \sprintf(
            '<path d="%1$s" fill="currentColor"/><path d="%1$s" fill="url(#weave)"/><path d="%1$s" fill="url(#light)" stroke="%2$s" stroke-opacity=".35" stroke-width="%3$s"/>',
            $path,
            $this->dark(),
            0.8 * $this->grain,
        );
    }

    public function seam(string $path): string
    {
        return \sprintf('<path d="%s" fill="none" stroke="%s" stroke-opacity=".32" stroke-width="%s"/>', $path, $this->dark(), 1.1 * $this->grain);
    }

    public function stitch(string $path): string
    {
        return \sprintf(
            '<path d="%s" fill="none" stroke="%s" stroke-opacity="%s" stroke-width="%s" stroke-dasharray="%s %s"/>',
            $path,
            $this->light ? '#4a4230' : '#fff',
            $this->light ? '.4' : '.3',
            0.7 * $this->grain,
            3 * $this->grain,
            2.2 * $this->grain,
        );
    }

    public function fold(string $path): string
    {
        return \sprintf(
            '<path d="%s" fill="none" stroke="%s" stroke-opacity=".14" stroke-width="%s" stroke-linecap="round" filter="url(#soft)"/>',
            $path,
            $this->dark(),
            14 * $this->grain,
        );
    }

    public function cord(string $path): string
    {
        return \sprintf('<path d="%s" fill="none" stroke="#efe9db" stroke-width="%s" stroke-linecap="round"/>', $path, 5 * $this->grain);
    }

    private function dark(): string
    {
        return $this->light ? '#3b3524' : '#000';
    }
}
