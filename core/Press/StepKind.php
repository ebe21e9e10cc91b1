<?php

declare(strict_types=1);

namespace Uvret\Press;

/** What is done at one closing of the press. */
enum StepKind: string
{
    /** The blank alone: takes moisture out. */
    case Warm = 'warm';

    /** A film that others lie on, just long enough to hold. */
    case Tack = 'tack';

    /** The last film, and all beneath it, for their full time. */
    case Press = 'press';

    /** Once more under a cover sheet, without carrier. */
    case Cover = 'cover';
}
