<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

use Uvret\Geometry\Corner;

/** What becomes of corners when a shape is grown. */
enum Corners: string
{
    case Round = 'round';

    case Pointed = 'pointed';

    case Flat = 'flat';

    public function geometry(): Corner
    {
        return match ($this) {
            self::Round => Corner::Round,
            self::Pointed => Corner::Mitre,
            self::Flat => Corner::Square,
        };
    }
}
