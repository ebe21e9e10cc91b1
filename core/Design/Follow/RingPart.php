<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** How much of a ring a line takes: both halves read upright from left to right. */
enum RingPart: string
{
    case Upper = 'upper';
    case Lower = 'lower';
    case Round = 'round';
}
