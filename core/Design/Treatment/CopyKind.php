<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** How copies stand. */
enum CopyKind: string
{
    case None = 'none';

    case Grid = 'grid';

    /** A pair, the second one mirrored. */
    case Mirrored = 'mirrored';

    case Around = 'around';
}
