<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

/** Lengths with their units in CSS pixels, 96 to the inch. */
final class Length
{
    private const UNITS = ['' => 1.0, 'px' => 1.0, 'pt' => 96 / 72, 'pc' => 16.0, 'mm' => 96 / 25.4, 'cm' => 960 / 25.4, 'in' => 96.0, 'em' => 16.0, 'ex' => 8.0, 'rem' => 16.0];

    /** @param float $whole what 100 % are */
    public static function read(string $text, float $whole): float
    {
        if (1 !== \preg_match('/^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)\s*([a-z%]*)/', $text, $m)) {
            return 0.0;
        }

        return '%' === $m[2] ? (float) $m[1] / 100 * $whole : (float) $m[1] * (self::UNITS[$m[2]] ?? 1.0);
    }
}
