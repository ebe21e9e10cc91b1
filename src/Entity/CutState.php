<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

/** How far a cut has come. */
enum CutState: string
{
    /** It waits for the worker, or for the cutter. */
    case Waiting = 'waiting';
    case Cutting = 'cutting';
    case Paused = 'paused';

    /** The cutter stopped by itself. */
    case Stopped = 'stopped';
    case Cut = 'cut';
    case Cancelled = 'cancelled';

    public function isOver(): bool
    {
        return self::Cut === $this || self::Cancelled === $this;
    }
}
