<?php

declare(strict_types=1);

namespace Uvret\Design\Weeding;

/** Shape of the weeding frame. */
enum FrameShape: string
{
    case Rectangle = 'rectangle';

    /** Follows the ink at a distance. */
    case Hugging = 'hugging';
}
