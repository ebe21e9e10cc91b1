<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How far a fabric is stretched when it is worn, or a film goes along with it. */
enum Stretch: string
{
    case None = 'none';
    case Some = 'some';
    case Much = 'much';

    /** Whether what stretches this far goes along with what stretches that far. */
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
