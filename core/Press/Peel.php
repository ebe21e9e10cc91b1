<?php

declare(strict_types=1);

namespace Uvret\Press;

/** When the carrier is peeled off. */
enum Peel: string
{
    case Hot = 'hot';

    case Warm = 'warm';

    case Cold = 'cold';
}
