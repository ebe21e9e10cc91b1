<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** How a shadow is made. */
enum ShadowKind: string
{
    case None = 'none';

    case Shifted = 'shifted';

    /** Drawn out along a direction. */
    case Block = 'block';
}
