<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** What a card is knocked out of. */
enum Into: string
{
    case None = 'none';

    case Cards = 'cards';

    /** All that it lies on. */
    case All = 'all';
}
