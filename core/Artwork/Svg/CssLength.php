<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

/** Lengths with their units in CSS pixels, 96 to the inch. */
final class CssLength
{
    private const UNITS = [
        '' => 1.0,
        'px' => 1.0,
        'pt' => 96 / 72,
        'pc' => 16.0,
        'mm' => 96 / 25.4,
        'cm' => 960 / 25.4,
        'in' => 96.0,
        'q' => 24 / 25.4,
        'rem' => 16.0,
    ];

    /**
     * @param float $whole what 100 % are
     * @param float $em    the size of the type
     */
    public static function read(string $text, float $whole, float $em = 16.0): float
    {
        if (1 !== \preg_match('/^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)\s*([a-zA-Z%]*)/', $text, $found)) {
            return 0.0;
        }

        return (float) $found[1] * match (\strtolower($found[2])) {
            '%' => $whole / 100,
            'em' => $em,
            'ex' => $em / 2,
            default => self::UNITS[\strtolower($found[2])] ?? 1.0,
        };
    }
}
