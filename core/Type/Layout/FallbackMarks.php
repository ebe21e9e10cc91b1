<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

use Uvret\Type\OpenType\HorizontalMetrics;

/**
 * Marks put over and under their letters by the boxes of both, for fonts that do not say where they go.
 * Follows HarfBuzz's hb-ot-shape-fallback.
 */
final readonly class FallbackMarks
{
    private const BELOW_LEFT = [200, 218];
    private const BELOW = [202, 220];
    private const BELOW_RIGHT = [222];
    private const ABOVE_LEFT = [228];
    private const ABOVE = [214, 230];
    private const ABOVE_RIGHT = [216, 232];
    private const DOUBLE_BELOW = [233];
    private const DOUBLE_ABOVE = [234];

    /** Those that touch the letter, so that no gap is left. */
    private const ATTACHED = [200, 202, 214, 216];

    public function __construct(
        private GlyphBoxes $boxes,
        private HorizontalMetrics $metrics,
        private int $gap,
    ) {
    }

    public function place(GlyphBuffer $buffer): void
    {
        $glyphs = $buffer->glyphs;
        $count = \count($glyphs);
        for ($base = 0; $base < $count; $base = $end) {
            for ($end = $base + 1; $end < $count && $glyphs[$end]->isUnicodeMark; ++$end) {
            }
            if (!$glyphs[$base]->isUnicodeMark && $end - $base > 1) {
                $this->around($glyphs[$base], \array_slice($glyphs, $base + 1, $end - $base - 1));
            }
        }
    }

    /** @param list<Glyph> $marks */
    private function around(Glyph $base, array $marks): void
    {
        [, $bottom, , $top] = $this->boxes->box($base->glyph);
        // The advance serves better than the ink, also where there is none.
        $whole = ['left' => 0, 'width' => $this->metrics->advance($base->glyph), 'top' => $top + $base->yOffset, 'height' => $bottom - $top];
        $components = $base->componentCount();
        $back = -$base->xAdvance;
        $part = $whole;
        $cluster = $whole;
        $lastComponent = -1;
        $lastClass = 255;
        foreach ($marks as $mark) {
            $class = \IntlChar::getCombiningClass($mark->codePoint);
            if (0 === $class) {
                $back -= $mark->xAdvance;
                continue;
            }
            if ($components > 1) {
                $component = $mark->componentOf() - 1;
                if (0 === $base->ligature || $base->ligature !== $mark->ligature || $component >= $components) {
                    $component = $components - 1;
                }
                if ($component !== $lastComponent) {
                    $lastComponent = $component;
                    $lastClass = 255;
                    $part = $whole;
                    $part['left'] += \intdiv($component * $whole['width'], $components);
                    $part['width'] = \intdiv($whole['width'], $components);
                }
            }
            if ($class !== $lastClass) {
                $lastClass = $class;
                $cluster = $part;
            }
            $this->position($mark, $cluster, $class);
            $mark->xAdvance = 0;
            $mark->xOffset += $back;
        }
    }

    /** @param array{left: int, width: int, top: int, height: int} $on what the mark goes on; it grows by the mark */
    private function position(Glyph $mark, array &$on, int $class): void
    {
        [$left, $bottom, $right, $top] = $this->boxes->box($mark->glyph);
        $width = $right - $left;
        $height = $bottom - $top;
        $mark->xOffset = $on['left'] - $left + match (true) {
            \in_array($class, [...self::DOUBLE_BELOW, ...self::DOUBLE_ABOVE], true) => $on['width'] - \intdiv($width, 2),
            \in_array($class, [...self::BELOW_LEFT, ...self::ABOVE_LEFT], true) => 0,
            \in_array($class, [...self::BELOW_RIGHT, ...self::ABOVE_RIGHT], true) => $on['width'] - $width,
            default => \intdiv($on['width'] - $width, 2),
        };
        $mark->yOffset = 0;
        $gap = \in_array($class, self::ATTACHED, true) ? 0 : $this->gap;
        if (\in_array($class, [...self::DOUBLE_BELOW, ...self::BELOW_LEFT, ...self::BELOW, ...self::BELOW_RIGHT], true)) {
            $on['height'] -= $gap;
            $mark->yOffset = $on['top'] + $on['height'] - $top;
            if ($mark->yOffset > 0) {
                // A mark below never moves up.
                $on['height'] -= $mark->yOffset;
                $mark->yOffset = 0;
            }
            $on['height'] += $height;
        } elseif (\in_array($class, [...self::DOUBLE_ABOVE, ...self::ABOVE_LEFT, ...self::ABOVE, ...self::ABOVE_RIGHT], true)) {
            $on['top'] += $gap;
            $on['height'] -= $gap;
            $mark->yOffset = $on['top'] - ($top + $height);
            if ($mark->yOffset <= 0) {
                // A mark above does not move down much.
                $correction = \intdiv(-$mark->yOffset, 2);
                $on['top'] += $correction;
                $on['height'] -= $correction;
                $mark->yOffset += $correction;
            }
            $on['top'] -= $height;
            $on['height'] += $height;
        }
    }
}
