<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Layout\Stock;

/**
 * Compacts a layout along the film, lowest frames first; the raster leaves gaps of up to two cells. As frames move along the film only, how
 * far one can go until it meets another is a number for each pair, and the rest is arithmetic.
 */
final class Slide
{
    /** Frames farther below than this are never reached. In µm. */
    private const REACH = 60_000;

    /** Repeats while a frame moves by more than this (µm), up to the maximum number of rounds. */
    private const WORTH = 50;

    private const TIMES = 5;

    /** Rounding allowance of floating point, in µm. */
    private const HAIR = 1e-6;

    /**
     * @param list<Place> $places
     * @param list<Stock> $stocks in use; frames on scraps stay, because the edge of a scrap need not be straight
     * @param int         $gap    between frames, in µm
     * @param int         $pinned number of leading places that stay
     *
     * @return list<Place>
     */
    public static function down(array $places, array $stocks, int $gap, int $pinned = 0): array
    {
        $floors = [];
        foreach ($stocks as $stock) {
            $floors[$stock->id] = self::floor($stock);
        }
        $order = \array_filter(\array_keys($places), static fn (int $own): bool => $own >= $pinned && null !== $floors[$places[$own]->stock]);
        \usort($order, static fn (int $a, int $b): int => [$places[$a]->y, $places[$a]->x] <=> [$places[$b]->y, $places[$b]->x]);
        $rooms = self::rooms($places, $gap);
        $gone = \array_fill(0, \count($places), 0);
        for ($times = 0, $moved = true; $moved && $times < self::TIMES; ++$times) {
            $moved = false;
            foreach ($order as $own) {
                $room = (float) \min($places[$own]->y - $floors[$places[$own]->stock] - $gone[$own], self::REACH - $gone[$own]);
                foreach ($rooms[$own] as $other => $far) {
                    $room = \min($room, $far + self::HAIR - $gone[$own] + $gone[$other]);
                }
                $far = \max(0, (int) \floor($room));
                $gone[$own] += $far;
                $moved = $moved || $far > self::WORTH;
            }
        }

        return \array_map(static fn (int $own): Place => $places[$own]->lower($gone[$own]), \array_keys($places));
    }

    /** Start of usable film; null if it varies across the film. */
    private static function floor(Stock $stock): ?int
    {
        return $stock->isStraight() ? $stock->usable->bounds()->bottom ?? 0 : null;
    }

    /**
     * @param list<Place> $places
     *
     * @return list<array<int, float>> for each its distance above the others that it could reach
     */
    private static function rooms(array $places, int $gap): array
    {
        $profiles = \array_map(static fn (Place $place): Profile => $place->piece->profile($place->turn, $gap), $places);
        $rooms = \array_fill(0, \count($places), []);
        foreach ($places as $own => $place) {
            [$left, $bottom, $right, $top] = $profiles[$own]->box;
            foreach ($places as $other => $beside) {
                [$from, $low, $to, $high] = $profiles[$other]->box;
                $across = $beside->x - $place->x;
                $along = $beside->y - $place->y;
                $isBeneath = $left < $to + $across && $right > $from + $across && $top > $low + $along && $bottom - $high - $along < self::REACH;
                if ($own !== $other && $place->stock === $beside->stock && $isBeneath) {
                    $far = $profiles[$own]->above($profiles[$other], $across, $along);
                    if ($far < \INF) {
                        $rooms[$own][$other] = $far;
                    }
                }
            }
        }

        return $rooms;
    }
}
