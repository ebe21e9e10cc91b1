<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** The unit that a design is measured in; documents always hold micrometres. */
enum Unit: string
{
    case Millimetre = 'mm';
    case Inch = 'in';

    public function symbol(): string
    {
        return $this->value;
    }
}
