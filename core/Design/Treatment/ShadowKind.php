<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** How a shadow is made. */
enum ShadowKind: string
{
    case None = 'none';

    /** As far out on all sides. */
    case AllRound = 'all round';

    case Shifted = 'shifted';

    /** Drawn out along a direction. */
    case Block = 'block';
}
