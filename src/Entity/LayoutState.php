<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

enum LayoutState: string
{
    /** No worker has begun yet. */
    case Waiting = 'waiting';

    /** A worker looks for better layouts. */
    case Running = 'running';

    case Done = 'done';
}
