<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

/** A cut is to be sent, or to be gone on with. */
final readonly class SendCut
{
    public function __construct(public string $run)
    {
    }
}
