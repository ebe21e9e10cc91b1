<?php

declare(strict_types=1);

namespace Uvret\Cut;

/** What the cutter gets: one sheet for each cut layer. */
final readonly class CutPlan
{
    /** @param list<CutSheet> $sheets bottom layer first */
    public function __construct(public array $sheets)
    {
    }
}
