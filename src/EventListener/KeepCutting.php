<?php

declare(strict_types=1);

namespace Uvret\App\EventListener;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerStartedEvent;
use Symfony\Component\Messenger\MessageBusInterface;
use Uvret\App\Cutting\SendCut;
use Uvret\App\Repository\CutRuns;

/** A starting worker continues an unfinished cut. */
#[AsEventListener]
final readonly class KeepCutting
{
    public function __construct(
        private CutRuns $runs,
        private MessageBusInterface $bus,
    ) {
    }

    public function __invoke(WorkerStartedEvent $event): void
    {
        foreach ($this->runs->open() as $run) {
            $this->bus->dispatch(new SendCut($run->id));
        }
    }
}
