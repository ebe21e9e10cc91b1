<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Composition;
use Uvret\Compose\Memory;
use Uvret\Compose\NoMemory;
use Uvret\Compose\Part;
use Uvret\Compose\PartRole;
use Uvret\Design\Design;
use Uvret\Design\FilmLimits;
use Uvret\Geometry\Anchor;
use Uvret\Geometry\Measure\ThinPlaces;
use Uvret\Geometry\Region;
use Uvret\Separate\Separation;

/**
 * Looks for strokes that are thinner than the film allows and for holes that are too small: what opening the shape
 * with a circle of the film's thinnest stroke takes away, and what the largest circle in a hole says.
 */
final readonly class LossFinder
{
    /** Resolution of the search for the passing height. */
    private const STEPS = 64;

    /** Larger letters are only suggested for places of at least this share of the limit, so up to 2.5 times the size. */
    private const WORTH = 0.4;

    /** Tails shorter than this multiple of the thinnest stroke are corners, or points of forms. */
    private const CORNER = 1.5;
    private const POINT = 6.0;

    /** Distance from a cut-out within which it is the cause, in µm. */
    private const BESIDE = 30;

    public function __construct(private Memory $memory = new NoMemory())
    {
    }

    /** @return list<Loss> of all parts of a design */
    public function all(Design $design, Composition $composition, Separation $separation): array
    {
        $losses = [];
        foreach ($composition->parts as $part) {
            $losses[] = $this->find($design, $part, $composition->rooms[$part->card] ?? null, $separation->layer($part->film)?->region);
        }

        return \array_values(\array_filter($losses));
    }

    /**
     * Null if everything passes.
     *
     * @param Region|null $room  cut-outs of the part's card
     * @param Region|null $layer the film's layer, which may be thicker there
     */
    public function find(Design $design, Part $part, ?Region $room = null, ?Region $layer = null): ?Loss
    {
        if (null === $part->ink || $part->hidden || $part->region->isEmpty()) {
            return null;
        }
        $limits = FilmLimits::of($design->film($part->film));
        // The points of stars and ribbons are meant to be sharp.
        $sharp = 0 === $part->letterHeight && PartRole::Base === $part->role ? self::POINT : self::CORNER;
        $thin = $this->thin($part->region, $limits->thinnestStroke, $sharp);
        $small = $this->smallHoles($part->region, $limits->smallestHole);
        if (null !== $layer) {
            $thin = $thin->those(static fn (Region $piece): bool => self::isThinIn($layer, $piece, $limits->thinnestStroke));
            $small = \array_filter($small, static fn (array $hole): bool => $hole['region']->subtract($layer)->area() > 0.5 * $hole['region']->area());
        }
        if ($thin->isEmpty() && [] === $small) {
            return null;
        }
        $open = \min([$limits->smallestHole, ...\array_column($small, 'across')]) / $limits->smallestHole;
        $height = static fn (float $share): ?int => $share >= self::WORTH && $part->letterHeight > 0
            ? (int) \round($part->letterHeight / $share)
            : null;
        $beside = null === $room ? null : $room->offset(self::BESIDE);
        $isBeside = static fn (Region $piece): bool => null !== $beside && !$piece->intersect($beside)->isEmpty();
        $all = Region::empty();

        $tails = \array_values(\array_filter($thin->tails, static fn (array $tail): bool => !$isBeside($tail['region'])));
        $free = static fn (Region $piece): bool => !$isBeside($piece);

        return new Loss(
            card: $part->card,
            film: $part->film,
            role: $part->role,
            strokes: $all->union(...\array_values(\array_filter($thin->strokes, $free))),
            necks: $all->union(...\array_values(\array_filter($thin->necks, $free))),
            tails: $all->union(...\array_column($tails, 'region')),
            longest: [] === $tails ? 0 : \max(\array_column($tails, 'length')),
            remains: $all->union(...\array_values(\array_filter([...$thin->strokes, ...$thin->necks], $isBeside))),
            holes: $all->union(...\array_column($small, 'region')),
            limit: $limits->thinnestStroke,
            thinnest: $this->thinnest($thin, $part->region, $limits->thinnestStroke),
            strokeHeight: $height($this->passes($thin, $part->region, $limits->thinnestStroke, $sharp)),
            holeHeight: $height($open),
        );
    }

    /** Thin places of a shape, piece by piece; identical pieces are measured once, wherever they are. */
    private function thin(Region $region, int $limit, float $sharp): ThinPlaces
    {
        return ThinPlaces::together(...\array_map(fn (Region $piece): ThinPlaces => $this->thinOf($piece, $limit, $sharp), $region->pieces()));
    }

    private function thinOf(Region $piece, int $limit, float $sharp): ThinPlaces
    {
        $anchor = Anchor::of($piece);
        $home = $anchor->home($piece);
        $key = 'thin '.\hash('xxh128', \serialize([$home->rings(), $limit, $sharp]));

        return $this->memory->recall($key, static fn (): ThinPlaces => ThinPlaces::of($home, $limit, $sharp))->moved($anchor->x, $anchor->y);
    }

    /** Thickness of the thinnest stroke or neck; the limit if there is none. */
    private function thinnest(ThinPlaces $thin, Region $region, int $limit): int
    {
        $width = \min([$limit, ...\array_map(ThinPlaces::strokeWidth(...), $thin->strokes)]);
        foreach ($thin->necks as $neck) {
            $round = ThinPlaces::round($neck, $region, $limit);
            $key = 'neck '.\hash('xxh128', \serialize([$neck->rings(), $round->rings(), $width]));
            $width = $this->memory->recall($key, static fn (): int => ThinPlaces::neckWidth($neck, $round, $width));
        }

        return $width;
    }

    /**
     * The share of the limit at which nothing would tear; scaling up equals lowering the limit. Tails don't count: a tapering end is thin
     * at any size.
     */
    private function passes(ThinPlaces $thin, Region $region, int $limit, float $sharp): float
    {
        $tears = fn (Region $piece, int $step): bool => $this->thinOf($piece, (int) \round($step / self::STEPS * $limit), $sharp)->tears();
        $good = self::STEPS;
        $weak = Region::empty()->union(...$thin->strokes, ...$thin->necks);
        foreach ($region->pieces() as $piece) {
            // One test shows that most pieces are no worse than the worst so far.
            if (!$piece->overlaps($weak) || !$tears($piece, $good)) {
                continue;
            }
            [$low, $high] = [0, $good];
            while ($high - $low > 1) {
                $middle = \intdiv($low + $high, 2);
                $tears($piece, $middle) ? $high = $middle : $low = $middle;
            }
            $good = $low;
        }

        return $good / self::STEPS;
    }

    /** Whether a thin place is still thin in the layer, with traps and other parts beside it. */
    private static function isThinIn(Region $layer, Region $piece, int $limit): bool
    {
        $box = $piece->bounds()?->grown(2 * $limit);

        return null !== $box && $piece->subtract($layer->intersect($box->toRegion())->open(\intdiv($limit, 2)))->area() > 0.5 * $piece->area();
    }

    /** @return list<array{region: Region, across: int}> the holes that are too small, and the largest circle in each; those that are alike are measured once */
    private function smallHoles(Region $region, int $smallest): array
    {
        $small = [];
        foreach ($region->holes() as $hole) {
            $home = Anchor::of($hole)->home($hole);
            $key = 'hole '.$smallest.\hash('xxh128', \serialize($home->rings()));
            // Nothing to measure if a circle of that size fits.
            $across = $this->memory->recall($key, static fn (): int => $home->offset(-\intdiv($smallest + 1, 2))->isEmpty()
                ? (int) \round(2 * $home->inscribedRadius())
                : \PHP_INT_MAX);
            if ($across < $smallest) {
                $small[] = ['region' => $hole, 'across' => $across];
            }
        }

        return $small;
    }
}
