<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** How letters are placed along a path. */
enum Placing: string
{
    /** Bent where they join, else turned. */
    case Auto = 'auto';

    /** Each as it is, turned. */
    case Turned = 'turned';

    /** Their outlines mapped along the path. */
    case Bent = 'bent';
}
