<?php

declare(strict_types=1);

namespace Uvret\Design\Weeding;

/** What is cut round a layer, so that its waste comes away in one piece. */
enum FrameShape: string
{
    case Rectangle = 'rectangle';

    /** An outline that follows the ink at a distance. */
    case Hugging = 'hugging';
}
