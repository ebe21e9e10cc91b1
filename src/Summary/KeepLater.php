<?php

declare(strict_types=1);

namespace Uvret\App\Summary;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Uvret\App\Entity\DesignStep;
use Uvret\Plan\Plan;

/** Stores a step's summary after the response is sent, so that the user does not wait for it. */
#[AsEventListener]
final class KeepLater
{
    /** @var list<array{DesignStep, Plan}> */
    private array $waiting = [];

    public function __construct(private readonly Summaries $summaries)
    {
    }

    public function add(DesignStep $step, Plan $plan): void
    {
        $this->waiting[] = [$step, $plan];
    }

    public function __invoke(TerminateEvent $event): void
    {
        foreach ($this->waiting as [$step, $plan]) {
            $this->summaries->keep($step, $plan);
        }
        $this->waiting = [];
    }
}
