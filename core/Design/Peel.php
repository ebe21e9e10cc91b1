<?php

declare(strict_types=1);

namespace Uvret\Design;

/** When the carrier is peeled off. */
enum Peel: string
{
    case Hot = 'hot';

    case Warm = 'warm';

    case Cold = 'cold';
}
