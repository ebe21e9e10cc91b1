<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** What becomes of the holes of an outline. */
enum Holes: string
{
    case Keep = 'keep';

    /** Those below a size are filled. */
    case Small = 'small';

    case Fill = 'fill';
}
