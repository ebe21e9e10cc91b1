<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Where a line's ink stands across the placement area. */
enum Align: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';
}
