<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Part;
use Uvret\Design\Treatment\Clean;
use Uvret\Geometry\Region;

/** Cuts shapes out of parts, and tidies away what that leaves of rubbish. */
final readonly class Trimming
{
    public function __construct(
        private Clean $clean,
        private Notes $notes,
    ) {
    }

    /** A shape that is cut out of several parts is looked at once. */
    public function cutting(Region $cut): Cutting
    {
        return new Cutting($cut, $this->clean->spike);
    }

    public function cut(Part $part, Region $cut, ?Cutting $cutting = null): Part
    {
        if ($part->region->isEmpty()) {
            return $part;
        }
        $left = $part->region->subtract($cut);
        if ($left->rings() === $part->region->rings()) {
            return $part;
        }
        $cleaner = new Cleaner($this->clean, $part->card, $part->film, $part->role);
        $left = $cleaner->afterCut($left, $part->region, $cutting ?? $this->cutting($cut));
        $this->notes->removed($cleaner->removals());

        return $part->with($left);
    }
}
