<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** What of the letters lies on the path. */
enum Sits: string
{
    case Baseline = 'baseline';

    /** Half way up the letter H. */
    case Middle = 'middle';

    /** The top of the letter H. */
    case Top = 'top';

    /** How high above the baseline it is, for letters H of a height. */
    public function above(float $letterHeight): float
    {
        return match ($this) {
            self::Baseline => 0.0,
            self::Middle => $letterHeight / 2,
            self::Top => $letterHeight,
        };
    }
}
