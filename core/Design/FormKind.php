<?php

declare(strict_types=1);

namespace Uvret\Design;

/** The basic shapes. */
enum FormKind: string
{
    case Circle = 'circle';
    case Ring = 'ring';
    case Rectangle = 'rectangle';
    case Polygon = 'polygon';
    case Star = 'star';
    case Heart = 'heart';
    case Shield = 'shield';
    case Pennant = 'pennant';
    case Ribbon = 'ribbon';
    case Arch = 'arch';
    case Label = 'label';
}
