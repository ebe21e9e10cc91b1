<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** What is left between the ends of the lettering on a ring. */
enum Ends: string
{
    /** What its spacing leaves. */
    case Own = 'own';

    /** As much as between words, all letters being spaced so that the ring is closed evenly. */
    case Even = 'even';

    /** A gap of a given length, all letters being spaced to leave it. */
    case Gap = 'gap';
}
