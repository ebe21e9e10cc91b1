<?php

declare(strict_types=1);

namespace Uvret\App\History;

use Uvret\App\Entity\JobDesign;
use Uvret\App\Summary\Summaries;

/** Finds earlier steps of a design that can't be read. */
final readonly class Backups
{
    /** Maximum number of steps to look back. */
    private const MOST = 40;

    public function __construct(
        private History $history,
        private Summaries $summaries,
    ) {
    }

    /** The latest readable step; null if there is none. */
    public function of(JobDesign $design): ?int
    {
        foreach ($this->history->numbers($design, self::MOST) as $id => $number) {
            if (null === $this->summaries->of([$id])[$id]->unreadable) {
                return $number;
            }
        }

        return null;
    }
}
