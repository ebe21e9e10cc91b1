<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** What a treatment goes round as one shape. */
enum Around: string
{
    case Own = 'own';

    case Group = 'group';

    case All = 'all';
}
