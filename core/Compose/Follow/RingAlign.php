<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Design\Align;

/** Alignment of a line on a half ring. */
final class RingAlign
{
    /** In degrees clockwise from the top, or from the bottom where the tops point inwards. */
    public static function angle(Align $align, bool $inside): float
    {
        $side = match ($align) {
            Align::Left => -90.0,
            Align::Centre => 0.0,
            Align::Right => 90.0,
        };

        // On the lower half, clockwise is to the left.
        return $inside ? -$side : $side;
    }
}
