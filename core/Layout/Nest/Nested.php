<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Box;
use Uvret\Layout\Stock;

/** A layout: frames placed on film. Lengths in µm, areas in µm². */
final readonly class Nested
{
    /** Film length used: the part cut off a roll or the last sheet, the whole length of other sheets and scraps. */
    public int $length;

    /** Its area. */
    public float $used;

    /**
     * @param list<Place> $places
     * @param list<Stock> $stocks
     * @param list<Piece> $left   pieces that do not fit
     */
    public function __construct(
        public array $places,
        public array $stocks,
        public array $left = [],
    ) {
        $length = 0;
        $used = 0.0;
        foreach ($this->films() as $use) {
            $length += $use->film->bounds()->top ?? 0;
            $used += $use->film->area();
        }
        [$this->length, $this->used] = [$length, $used];
    }

    /** @return array<string, int> end of the last frame by id of each stock in use */
    public function ends(): array
    {
        $ends = [];
        foreach ($this->places as $place) {
            $ends[$place->stock] = \max($ends[$place->stock] ?? 0, $place->top());
        }

        return $ends;
    }

    /** @return list<FilmUse> stocks in use, in the given order */
    public function films(): array
    {
        $films = [];
        $ends = $this->ends();
        $inUse = \array_values(\array_filter($this->stocks, static fn (Stock $stock): bool => isset($ends[$stock->id])));
        foreach ($inUse as $at => $stock) {
            // A roll is cut off behind the last frame, and so is the last sheet.
            $isCutOff = $stock->isRoll || ($stock->isStraight() && $at === \count($inUse) - 1);
            $film = $isCutOff ? (new Box(0, 0, $stock->width(), $ends[$stock->id]))->toRegion() : $stock->outline;
            $films[] = new FilmUse($stock, $film, \array_values(\array_filter($this->places, static fn (Place $place): bool => $place->stock === $stock->id)));
        }

        return $films;
    }

    /** Share of the used film covered by frames. */
    public function covered(): float
    {
        $area = \array_sum(\array_map(static fn (Place $place): float => $place->piece->frame->area(), $this->places));

        return 0.0 === $this->used ? 0.0 : $area / $this->used;
    }

    /** Whether it places more pieces than another, or needs less film. */
    public function isBetterThan(?self $other): bool
    {
        return null === $other || [\count($this->left), $this->used] < [\count($other->left), $other->used];
    }

    /**
     * Checks the layout by the exact frames: overlaps, gaps, film edges.
     *
     * @return list<string> empty if valid
     */
    public function faults(int $gap): array
    {
        $faults = [];
        $usable = [];
        foreach ($this->stocks as $stock) {
            $usable[$stock->id] = $stock;
        }
        $boxes = \array_map(static fn (Place $place): Box => $place->outline()->bounds() ?? throw new \LogicException('A frame has an area.'), $this->places);
        foreach ($this->places as $one => $place) {
            if (!self::liesOn($place, $boxes[$one], $usable[$place->stock])) {
                $faults[] = "$one does not lie on the film";
            }
            for ($other = $one + 1, $count = \count($this->places); $other < $count; ++$other) {
                if ($place->stock !== $this->places[$other]->stock || !$boxes[$one]->grown($gap)->overlaps($boxes[$other])) {
                    continue;
                }
                if ($place->isNear($this->places[$other], $gap)) {
                    $faults[] = "$one and $other are too near each other";
                }
            }
        }

        return $faults;
    }

    private static function liesOn(Place $place, Box $box, Stock $stock): bool
    {
        $usable = $stock->usable->bounds();
        if ($stock->isStraight() && null !== $usable && $usable->holds($box)) {
            return true;
        }

        return $place->region()->subtract($stock->usable)->isEmpty();
    }
}
