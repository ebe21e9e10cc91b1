<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Stretch of a worn fabric, or of a film. */
enum Stretch: string
{
    case None = 'none';
    case Some = 'some';
    case Much = 'much';

    /** Whether one stretch can follow another. */
    public function covers(self $other): bool
    {
        return $this->rank() >= $other->rank();
    }

    private function rank(): int
    {
        return match ($this) {
            self::None => 0,
            self::Some => 1,
            self::Much => 2,
        };
    }
}
