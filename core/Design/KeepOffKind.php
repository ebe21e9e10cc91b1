<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Kinds of keep-off places. */
enum KeepOffKind: string
{
    case Seam = 'seam';
    case Zip = 'zip';
    case Pocket = 'pocket';
    case Button = 'button';
    case Eyelet = 'eyelet';
    case Drawstring = 'drawstring';
    case Rib = 'rib';
    case Other = 'other';
}
