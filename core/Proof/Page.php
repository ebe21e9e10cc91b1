<?php

declare(strict_types=1);

namespace Uvret\Proof;

/** A page of SVG in millimetres that is filled from the top down. */
final class Page
{
    private string $content = '';

    public function __construct(
        private readonly int $width,
        private readonly int $height,
    ) {
    }

    public function text(float $x, float $y, float $size, string $text, bool $bold = false, string $colour = '#22243A', string $anchor = 'start'): void
    {
        $this->content .= \sprintf(
            '<text x="%s" y="%s" font-size="%s" font-weight="%s" fill="%s" text-anchor="%s">%s</text>'."\n",
            $x,
            $y,
            $size,
            $bold ? 'bold' : 'normal',
            $colour,
            $anchor,
            self::escaped($text),
        );
    }

    public function rectangle(float $x, float $y, float $width, float $height, string $fill, string $stroke = 'none'): void
    {
        $this->content .= \sprintf(
            '<rect x="%s" y="%s" width="%s" height="%s" fill="%s" stroke="%s" stroke-width="0.2"/>'."\n",
            $x,
            $y,
            $width,
            $height,
            $fill,
            $stroke,
        );
    }

    public function line(float $x, float $y, float $toX, float $toY, string $dashes = 'none'): void
    {
        $this->content .= \sprintf(
            '<path d="M%s %sL%s %s" fill="none" stroke="#CFC6B4" stroke-width="0.2" stroke-dasharray="%s"/>'."\n",
            $x,
            $y,
            $toX,
            $toY,
            $dashes,
        );
    }

    /** A black line that is cut or measured at. */
    public function mark(float $x, float $y, float $toX, float $toY): void
    {
        $this->content .= \sprintf('<path d="M%s %sL%s %s" stroke="#000000" stroke-width="0.2"/>'."\n", $x, $y, $toX, $toY);
    }

    /** A picture with a coordinate system of its own: left, top, width and height of what it shows. */
    public function picture(float $x, float $y, float $width, float $height, string $viewBox, string $content): void
    {
        $this->content .= \sprintf(
            '<svg x="%s" y="%s" width="%s" height="%s" viewBox="%s" preserveAspectRatio="xMidYMid meet">%s</svg>'."\n",
            $x,
            $y,
            $width,
            $height,
            $viewBox,
            $content,
        );
    }

    public function svg(string $title): string
    {
        return \sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>'."\n"
            .'<svg xmlns="http://www.w3.org/2000/svg" width="%1$dmm" height="%2$dmm" viewBox="0 0 %1$d %2$d" font-family="Archivo">'
            .'<title>%3$s</title>'."\n".'%4$s</svg>'."\n",
            $this->width,
            $this->height,
            self::escaped($title),
            $this->content,
        );
    }

    /** A text that is cut off with an ellipsis where it is longer. */
    public static function shortened(string $text, int $longest): string
    {
        return \mb_strlen($text) <= $longest ? $text : \mb_substr($text, 0, $longest - 1).'…';
    }

    private static function escaped(string $text): string
    {
        return \htmlspecialchars($text, \ENT_XML1 | \ENT_QUOTES | \ENT_SUBSTITUTE);
    }
}
