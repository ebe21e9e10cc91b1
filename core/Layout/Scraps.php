<?php

declare(strict_types=1);

namespace Uvret\Layout;

use Uvret\Geometry\Region;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Nesting;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;

/** Chooses the scraps worth using before a roll or a new sheet. Lengths in µm. */
final class Scraps
{
    /** Value of scrap film relative to film on the roll. */
    private const WORTH = 0.25;

    /**
     * Smallest first: a scrap is used if that costs no more than without it. Pieces cost their film wherever they lie, waste of the roll as
     * much, waste of a scrap a quarter. What stays of a scrap and is large enough to be kept is no waste.
     *
     * @param non-empty-list<Stock> $main     the roll, or sheets
     * @param list<Piece>           $pieces
     * @param list<Stock>           $scraps
     * @param int                   $gap      between frames
     * @param int                   $smallest side of a scrap that is kept
     * @param list<Place>           $pinned   a scrap on which one lies is used
     *
     * @return non-empty-list<Stock> those scraps in the order in which they are filled, and what is not a scrap last
     */
    public static function before(array $main, array $pieces, array $scraps, int $gap, int $smallest, array $pinned = []): array
    {
        \usort($scraps, static fn (Stock $a, Stock $b): int => $a->outline->area() <=> $b->outline->area());
        $taken = \array_map(static fn (Place $place): string => $place->stock, $pinned);
        $used = \array_values(\array_filter($scraps, static fn (Stock $scrap): bool => \in_array($scrap->id, $taken, true)));
        if ([] === $pieces) {
            return [...$used, ...$main];
        }
        $laid = static function (array $stocks) use ($pieces, $gap, $pinned): Nested {
            /** @var list<Stock> $stocks */
            return Nesting::steps($pieces, $stocks, $gap, 1, $pinned)->current();
        };
        $best = $laid([...$used, ...$main]);
        foreach ($scraps as $scrap) {
            if (\in_array($scrap, $used, true)) {
                continue;
            }
            $with = $laid([...$used, $scrap, ...$main]);
            if ([\count($with->left), self::cost($with, $smallest)] <= [\count($best->left), self::cost($best, $smallest)]) {
                [$used, $best] = [[...$used, $scrap], $with];
            }
        }
        // Scraps made unnecessary by the others are not used.
        $needed = $best->ends();

        return [...\array_values(\array_filter($used, static fn (Stock $scrap): bool => isset($needed[$scrap->id]))), ...$main];
    }

    /** Film used by a layout, in µm² of the roll. */
    private static function cost(Nested $nested, int $smallest): float
    {
        $cost = 0.0;
        foreach ($nested->films() as $use) {
            $film = $use->stock->isRoll ? $use->film : $use->stock->outline;
            $pieces = \array_sum(\array_map(static fn (Place $place): float => $place->piece->frame->area(), $use->places));
            $kept = \array_sum(\array_map(static fn (Region $kept): float => $kept->area(), Leftover::of($film, $use->frames(), $smallest)));
            $waste = $film->area() - $pieces - $kept;
            $cost += $pieces + ($use->stock->isRoll ? 1.0 : self::WORTH) * $waste;
        }

        return $cost;
    }
}
