<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

/** Asks a worker to send or continue a cut. */
final readonly class SendCut
{
    public function __construct(public string $run)
    {
    }
}
