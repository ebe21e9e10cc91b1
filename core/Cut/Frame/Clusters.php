<?php

declare(strict_types=1);

namespace Uvret\Cut\Frame;

use Uvret\Compose\Composition;
use Uvret\Design\Design;
use Uvret\Design\Weeding\FrameAround;
use Uvret\Geometry\Region;

/** Groups a layer's ink by frame: the whole layer, or the pieces of each card or group. Connected ink is never split. */
final class Clusters
{
    /** @return list<Region> all of the layer's ink */
    public static function of(Region $layer, string $film, Design $design, Composition $composition): array
    {
        $around = $design->weeding->around;
        if (FrameAround::Design === $around || FrameAround::Layer === $around) {
            return [$layer];
        }
        $owners = self::owners($film, $design, $composition);
        $pieces = $layer->pieces();
        // Pieces of one owner belong together, and owners that have a piece in common.
        $of = \array_keys($pieces);
        $first = [];
        foreach ($pieces as $number => $piece) {
            foreach ($owners as $owner => $region) {
                if (!$region->overlaps($piece)) {
                    continue;
                }
                [$kept, $joined] = [$of[$first[$owner] ?? $number], $of[$number]];
                $first[$owner] ??= $number;
                $of = \array_map(static fn (int $own): int => $own === $joined ? $kept : $own, $of);
            }
        }
        $clusters = [];
        foreach ($pieces as $number => $piece) {
            $clusters[$of[$number]][] = $piece;
        }

        return \array_values(\array_map(static fn (array $own): Region => Region::empty()->union(...$own), $clusters));
    }

    /** @return array<string, Region> what each card, or group of cards, has of a film */
    private static function owners(string $film, Design $design, Composition $composition): array
    {
        $treatments = $design->treatments();
        $regions = [];
        foreach ($composition->worn() as $part) {
            if ($part->film === $film) {
                $group = FrameAround::Group === $design->weeding->around ? $treatments[$part->card]->group ?? '' : '';
                $regions['' === $group ? 'card '.$part->card : 'group '.$group][] = $part->region;
            }
        }

        return \array_map(static fn (array $own): Region => Region::empty()->union(...$own), $regions);
    }
}
