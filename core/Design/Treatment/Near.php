<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** What becomes of rims that nearly touch. */
enum Near: string
{
    case Join = 'join';

    case Apart = 'apart';

    case AsIs = 'as is';
}
