<?php

declare(strict_types=1);

namespace Uvret\Design\Fill;

/** What an edge looks like. */
enum EdgeShape: string
{
    case Level = 'level';
    case Arched = 'arched';
    case Dipped = 'dipped';
    case Peaked = 'peaked';
    case Wave = 'wave';
    case Slope = 'slope';

    /** The edge of a form. */
    case Form = 'form';

    /** Its height as a share of its rise, at a place from 0 at the left to 1 at the right. */
    public function at(float $t): float
    {
        return match ($this) {
            self::Level, self::Form => 0.0,
            self::Arched => 4 * $t * (1 - $t),
            self::Dipped => -4 * $t * (1 - $t),
            self::Peaked => 1 - \abs(2 * $t - 1),
            self::Wave => \sin(2 * \M_PI * $t),
            self::Slope => $t,
        };
    }
}
