<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Whether the letters of a line are to join. */
enum Joins: string
{
    /** As most letters of the font do. */
    case Auto = 'auto';
    case Join = 'join';
    case Apart = 'apart';
}
