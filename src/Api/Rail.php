<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Uvret\App\Api\Shape\DesignCard;
use Uvret\App\Api\Shape\JobCard;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;

/** Jobs as they hang on the rail, each design as it will be worn. */
final readonly class Rail
{
    public function __construct(private Drafting $drafting)
    {
    }

    public function card(Job $job): JobCard
    {
        return new JobCard(
            $job->id,
            $job->title,
            $job->customer,
            $job->due->format('Y-m-d'),
            $job->state->value,
            $job->quantity(),
            \array_values($job->designs->map($this->design(...))->toArray()),
        );
    }

    private function design(JobDesign $design): DesignCard
    {
        return DesignCard::of($design->id, $this->drafting->draft($design->document));
    }
}
