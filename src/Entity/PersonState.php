<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

/** How far a person's pieces are. */
enum PersonState: string
{
    case ToCut = 'to cut';

    case Cut = 'cut';

    case Weeded = 'weeded';

    case Pressed = 'pressed';
}
