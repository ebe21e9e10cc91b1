<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Where the lines together stand in the placement area. */
enum Stack: string
{
    case Top = 'top';
    case Middle = 'middle';
    case Bottom = 'bottom';
}
