<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** What becomes of the pieces inside the holes of what is cut out. */
enum Islands: string
{
    /** They stay, loose. */
    case Keep = 'keep';

    case Drop = 'drop';

    /** They hang on bridges. */
    case Bridge = 'bridge';

    /** They hang on bridges where there is room for these, and go where there is not. */
    case BridgeOrDrop = 'bridge or drop';
}
