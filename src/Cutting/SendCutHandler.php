<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

use Symfony\Component\Messenger\Attribute\AsMessageHandler;

#[AsMessageHandler]
final readonly class SendCutHandler
{
    public function __construct(private Sending $sending)
    {
    }

    public function __invoke(SendCut $cut): void
    {
        $this->sending->send($cut->run);
    }
}
