<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

/** State of a cut. */
enum CutState: string
{
    /** Waits for the worker or the cutter. */
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
