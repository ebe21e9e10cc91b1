<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

enum LayoutState: string
{
    /** No worker has begun yet. */
    case Waiting = 'waiting';

    /** Stopped before there was one: the first layout will do. */
    case Brief = 'brief';

    /** A worker looks for better layouts. */
    case Running = 'running';

    case Done = 'done';
}
