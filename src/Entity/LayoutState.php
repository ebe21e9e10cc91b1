<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

enum LayoutState: string
{
    /** No worker has begun yet. */
    case Waiting = 'waiting';

    /** Stopped before there was a layout: the first one ends the search. */
    case Brief = 'brief';

    /** A worker searches for better layouts. */
    case Running = 'running';

    case Done = 'done';
}
