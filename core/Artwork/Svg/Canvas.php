<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Artwork\ColourPart;
use Uvret\Geometry\Region;

/** What was painted, in order: of each colour what no later colour covers is seen. */
final class Canvas
{
    /** @var list<array{string, list<Region>}> runs of one colour */
    private array $runs = [];

    public function add(string $colour, Region $region): void
    {
        if ($region->isEmpty()) {
            return;
        }
        $last = \count($this->runs) - 1;
        if ($last >= 0 && $this->runs[$last][0] === $colour) {
            $this->runs[$last][1][] = $region;
        } else {
            $this->runs[] = [$colour, [$region]];
        }
    }

    /** @return list<ColourPart> */
    public function parts(): array
    {
        $seen = [];
        $over = Region::empty();
        foreach (\array_reverse($this->runs) as [$colour, $regions]) {
            $run = Region::empty()->union(...$regions);
            $seen[$colour][] = $run->subtract($over);
            $over = $over->union($run);
        }
        $parts = [];
        foreach ($this->runs as [$colour]) {
            if (isset($seen[$colour])) {
                $region = Region::empty()->union(...$seen[$colour]);
                unset($seen[$colour]);
                if (!$region->isEmpty()) {
                    $parts[] = new ColourPart($colour, $region);
                }
            }
        }

        return $parts;
    }
}
