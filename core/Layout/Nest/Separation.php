<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Random\Randomizer;
use Uvret\Geometry\Box;
use Uvret\Layout\Stock;

/**
 * Shortens a layout of convex frames on a roll: the film is made a little shorter, the frames that no longer fit are pushed over others, and
 * all are pulled apart. Where that succeeds, it begins again from there. Where it nearly does, the film gets half of what it lost back; where
 * it does not, it begins again from there, every second time with two frames of about the same size in each other's place; after failures in
 * a row from a longer film.
 */
final class Separation
{
    /** Frames whose hull is larger by at most this share count as convex. */
    private const FLAT = 0.03;

    /** Above this number of pieces the search takes too long. */
    private const MOST = 80;

    /** Largest and smallest shortening of the film, and its factors after a failure and a success. */
    private const SHORTER = 0.02;

    private const LEAST = 0.003;

    private const FAILED = 0.7;

    private const SUCCEEDED = 1.3;

    /** Sweeps in one step. */
    private const SWEEPS = 10;

    /** Remaining share of overlaps that counts as a gain, and sweeps without gain that end a try. */
    private const GAIN = 0.98;

    private const STALLED = 60;

    /** Total overlap (µm) that counts as nearly separated: such a try gets more sweeps, then a slightly longer film if that still pays. */
    private const NEARLY = 5_000.0;

    private const STALLED_NEARLY = 100;

    private const WORTH = 0.0012;

    /** Maximum distance of swapped frames in order of area. */
    private const ALIKE = 3;

    /** Failures in a row before the film is lengthened by this share and two pairs of frames swap. */
    private const STUCK = 6;

    private const LONGER = 0.03;

    private float $shorter = self::SHORTER;

    /** Start of the next try. */
    private ?Nested $from = null;

    private int $failed = 0;

    private int $stalled = 0;

    /** Film length of the current try; 0 before the first. */
    private float $length = 0.0;

    /** Least total overlap in the current try. */
    private float $least = \INF;

    /** @var list<array{int, float, float}> where the frames lay then: shape, x, y */
    private array $nearest = [];

    private readonly Jumble $jumble;

    /**
     * @param list<Piece>               $pieces
     * @param list<array{int, int}>     $turned by shape: piece, turn
     * @param list<Convex>              $shapes
     * @param list<non-empty-list<int>> $own    by piece: its shapes
     */
    private function __construct(
        private readonly array $pieces,
        private readonly array $turned,
        array $shapes,
        private readonly array $own,
        private readonly Stock $roll,
        private readonly int $gap,
        private readonly Randomizer $random,
    ) {
        $this->jumble = new Jumble($shapes, $own, (float) self::usable($roll)->width(), $gap, $random);
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return self|null null if there are too many frames, or not all are convex
     */
    public static function of(array $pieces, Stock $roll, int $gap, Randomizer $random): ?self
    {
        if (\count($pieces) > self::MOST) {
            return null;
        }
        $turned = $shapes = $own = [];
        foreach ($pieces as $at => $piece) {
            $own[$at] = [];
            foreach ($piece->turns as $turn) {
                $shape = Convex::hullOf($piece->turned($turn));
                if ($shape->area() > (1 + self::FLAT) * $piece->frame->area()) {
                    return null;
                }
                if ($shape->width <= self::usable($roll)->width()) {
                    $own[$at][] = \count($shapes);
                    $shapes[] = $shape;
                    $turned[] = [$at, $turn];
                }
            }
        }

        return \in_array([], $own, true) ? null : new self($pieces, $turned, $shapes, \array_values($own), $roll, $gap, $random);
    }

    /** Runs some sweeps of the current try, from the best layout so far; returns a shorter one on success. */
    public function step(Nested $best): ?Nested
    {
        $this->from ??= $best;
        $most = (float) ($this->from->length - self::usable($this->roll)->bottom);
        if (0.0 === $this->length) {
            $places = $this->placesOf($this->from);
            if ($this->failed >= self::STUCK) {
                $this->begin($this->swapped($this->swapped($places)), $most * (1 + self::LONGER));
            } else {
                $this->begin(1 === $this->failed % 2 ? $this->swapped($places) : $places, $most * (1 - $this->shorter));
            }
        }
        for ($sweep = 0; $sweep < self::SWEEPS; ++$sweep) {
            if ($this->sweep()) {
                $this->length = 0.0;
                $this->shorter = $this->failed >= self::STUCK ? self::SHORTER : \min(self::SHORTER, self::SUCCEEDED * $this->shorter);
                $this->failed = 0;

                return $this->from = $this->nested();
            }
        }
        $isNearly = $this->least <= self::NEARLY;
        if ($this->stalled > ($isNearly ? self::STALLED_NEARLY : self::STALLED)) {
            if ($isNearly && $this->length < (1 - self::WORTH) * $most) {
                $this->begin($this->nearest, ($this->length + $most) / 2);
            } else {
                $this->fail();
            }
        }

        return null;
    }

    /** @param list<array{int, float, float}> $places by piece: shape, x, y */
    private function begin(array $places, float $length): void
    {
        [$this->length, $this->stalled, $this->least] = [$length, 0, \INF];
        $this->jumble->put($places, $length);
    }

    /** Whether all overlaps are gone. */
    private function sweep(): bool
    {
        $before = $this->jumble->places();
        $depth = $this->jumble->pull($this->length);
        $this->stalled = $depth < self::GAIN * $this->least ? 0 : $this->stalled + 1;
        if ($depth < $this->least) {
            [$this->least, $this->nearest] = [$depth, $before];
        }

        return 0.0 === $depth;
    }

    private function fail(): void
    {
        [$this->length, $this->shorter] = [0.0, \max(self::LEAST, self::FAILED * $this->shorter)];
        ++$this->failed;
    }

    /** @return list<array{int, float, float}> by piece: shape, x, y */
    private function placesOf(Nested $nested): array
    {
        $usable = self::usable($this->roll);
        $left = $places = [];
        foreach ($this->pieces as $at => $piece) {
            $left[\spl_object_id($piece)][] = $at;
        }
        foreach ($nested->places as $place) {
            // Equal pieces are one object.
            $at = \array_pop($left[\spl_object_id($place->piece)]) ?? throw new \LogicException('Each piece lies once.');
            $turn = \array_search([$at, $place->turn], $this->turned, true);
            $places[$at] = [(int) $turn, (float) ($place->x - $usable->left), (float) ($place->y - $usable->bottom)];
        }
        \ksort($places);

        return \array_values($places);
    }

    /**
     * @param list<array{int, float, float}> $places
     *
     * @return list<array{int, float, float}> with two frames swapped
     */
    private function swapped(array $places): array
    {
        $areas = \array_map(static fn (Piece $piece): float => $piece->frame->area(), $this->pieces);
        \arsort($areas);
        $order = \array_keys($areas);
        $at = $this->random->getInt(0, \count($order) - 2);
        [$one, $other] = [$order[$at], $order[\min(\count($order) - 1, $at + $this->random->getInt(1, self::ALIKE))]];
        [[, $x, $y], [, $otherX, $otherY]] = [$places[$one], $places[$other]];
        $places[$one] = [$places[$one][0], $otherX, $otherY];
        $places[$other] = [$places[$other][0], $x, $y];

        return $places;
    }

    private function nested(): Nested
    {
        $usable = self::usable($this->roll);
        $places = [];
        foreach ($this->jumble->places() as [$shape, $x, $y]) {
            [$piece, $turn] = $this->turned[$shape];
            $places[] = new Place($this->pieces[$piece], $turn, $usable->left + (int) \round($x), $usable->bottom + (int) \round($y), $this->roll->id);
        }

        return new Nested($places, [$this->roll]);
    }

    private static function usable(Stock $roll): Box
    {
        return $roll->usable->bounds() ?? throw new \LogicException('A film has an area.');
    }
}
