<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How hard the press is closed. */
enum Pressure: string
{
    case Light = 'light';

    case Medium = 'medium';

    case Firm = 'firm';

    /** The harder of the two. */
    public function and(self $other): self
    {
        return \array_search($other, self::cases(), true) > \array_search($this, self::cases(), true) ? $other : $this;
    }
}
