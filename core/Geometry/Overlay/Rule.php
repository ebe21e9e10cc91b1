<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

/** Inside test, from the winding numbers a and b of the two operands. */
enum Rule
{
    case NonZero;
    case EvenOdd;
    case Positive;
    case Negative;
    case Both;
    case OnlyFirst;
    case OneOf;

    public function holds(int $a, int $b): bool
    {
        return match ($this) {
            self::NonZero => 0 !== $a,
            self::EvenOdd => 0 !== $a % 2,
            self::Positive => $a > 0,
            self::Negative => $a < 0,
            self::Both => $a > 0 && $b > 0,
            self::OnlyFirst => $a > 0 && $b <= 0,
            self::OneOf => ($a > 0) !== ($b > 0),
        };
    }
}
