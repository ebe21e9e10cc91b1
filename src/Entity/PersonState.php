<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

/** State of a person's pieces. */
enum PersonState: string
{
    case ToCut = 'to cut';

    case Cut = 'cut';

    case Weeded = 'weeded';

    case Pressed = 'pressed';
}
