<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Where a line's ink stands across the placement area. */
enum Align: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';

    /** How much of the line is before its aligned point. */
    public function share(): float
    {
        return match ($this) {
            self::Left => 0.0,
            self::Centre => 0.5,
            self::Right => 1.0,
        };
    }
}
