<?php

declare(strict_types=1);

namespace Uvret\Cut;

/** One sheet per cut layer. */
final readonly class CutPlan
{
    /** @param list<CutSheet> $sheets bottom layer first */
    public function __construct(public array $sheets)
    {
    }
}
