<?php

declare(strict_types=1);

namespace Uvret\Tests\Layout;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Layout\Nest\Convex;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Pass;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Nest\Separation;
use Uvret\Layout\Stock;
use Uvret\Tests\Support\Geos;

/** Convex frames that are pulled apart on less and less film. */
final class SeparationTest extends TestCase
{
    /** How deep two polygons overlap, and which way they part: moved that far they touch by GEOS, by less they overlap. */
    public function testTheDepthOfAnOverlapIsTheWayToTheFirstTouch(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $seen = 0;
        for ($run = 0; $run < 40; ++$run) {
            [$one, $other] = [self::polygon($random), self::polygon($random)];
            [$dx, $dy] = [$random->getInt(-30_000, 60_000), $random->getInt(-30_000, 60_000)];
            $least = [\INF, 0.0, 0.0];
            foreach (\array_chunk(Convex::hullOf($one)->against(Convex::hullOf($other), 0.0), 3) as [$across, $along, $reach]) {
                $least = \min($least, [$reach - $across * $dx - $along * $dy, $across, $along]);
            }
            [$depth, $across, $along] = $least;
            $far = static fn (float $by): float => (float) Geos::result('distance', Geos::wkt($one), Geos::wkt(
                $other->transform(Affine::move((int) \round($dx + $by * $across), (int) \round($dy + $by * $along))),
            ));
            if ($depth > 10.0) {
                ++$seen;
                self::assertSame(0.0, $far($depth - 5));
                self::assertEqualsWithDelta(5.0, $far($depth + 5), 3.0);
            } elseif ($depth < -10.0) {
                self::assertGreaterThan(0.0, $far(0.0));
            }
        }
        self::assertGreaterThan(10, $seen);
    }

    /** @return iterable<string, array{int, int, int, list<int>}> seed, gap, edge, turns */
    public static function sets(): iterable
    {
        yield 'edge to edge' => [1, 0, 0, [0, 90, 180, 270]];
        yield 'with a gap' => [2, 2_500, 0, [0, 90, 180, 270]];
        yield 'a patterned film with unusable edges' => [3, 0, 15_000, [0, 180]];
        yield 'aslant, with both' => [4, 1_000, 8_000, [0, 30, 120, 200]];
    }

    /** @param list<int> $turns */
    #[DataProvider('sets')]
    public function testEachLiesOnceOnLessFilmAndApartFromTheOthers(int $seed, int $gap, int $edge, array $turns): void
    {
        [$pieces, $roll, $first] = self::begin($seed, $gap, $edge, $turns);
        $best = self::after(60, $pieces, $roll, $gap, $first);
        self::assertLessThan(0.97 * $first->length, $best->length);
        self::assertSame([], $best->faults($gap));
        $laid = \array_map(static fn (Place $place): int => \spl_object_id($place->piece), $best->places);
        self::assertEqualsCanonicalizing(\array_map(\spl_object_id(...), $pieces), $laid);
        $areas = \array_map(static fn (Place $place): float => $place->region()->area(), $best->places);
        $shapes = \array_map(static fn (Place $place): string => Geos::wkt($place->region()), $best->places);
        $together = \array_reduce($shapes, static fn (string $sum, string $one): string => Geos::result('union', $sum, $one), 'POLYGON EMPTY');
        self::assertEqualsWithDelta(1.0, Geos::area($together) / \array_sum($areas), 1e-5, 'GEOS finds no two in one place');
        foreach ($best->places as $place) {
            self::assertContains($place->turn, $turns);
            $box = $place->region()->bounds();
            self::assertTrue(null !== $box && $box->left >= $edge && $box->right <= $roll->width() - $edge && $box->bottom >= 0);
        }
        self::assertSame($best->length, self::after(60, $pieces, $roll, $gap, $first)->length, 'the same seed and steps give the same layout');
    }

    /** The chords of an offset's arcs lie inside it by some µm: no layout may be lost to that. */
    public function testAPassKeepsGapsRoundCorners(): void
    {
        $random = new Randomizer(new Mt19937(1));
        $pieces = \array_map(static fn (): Piece => Piece::of(self::polygon($random)), \range(1, 25));
        foreach ([500, 1_000, 2_500, 3_000] as $gap) {
            $pass = new Pass([Stock::roll('roll', 300_000)], 1_000, 3_000, $gap);
            \array_map($pass->lay(...), $pieces);
            self::assertSame([], $pass->nested()->faults($gap), "a gap of $gap µm");
        }
    }

    public function testWhatItCannotDoIsLeftToOthers(): void
    {
        $random = new Randomizer(new Mt19937(1));
        $roll = Stock::roll('roll', 100_000);
        $square = Piece::of((new Box(0, 0, 20_000, 20_000))->toRegion());
        $corner = Piece::of((new Box(0, 0, 50_000, 50_000))->toRegion()->subtract((new Box(9_000, 9_000, 50_000, 50_000))->toRegion()));
        $wide = Piece::of((new Box(0, 0, 120_000, 20_000))->toRegion(), [0]);
        self::assertNotNull(Separation::of(\array_fill(0, 80, $square), $roll, 0, $random));
        self::assertNull(Separation::of(\array_fill(0, 81, $square), $roll, 0, $random));
        self::assertNull(Separation::of([$square, $corner], $roll, 0, $random));
        self::assertNull(Separation::of([$square, $wide], $roll, 0, $random));
    }

    /**
     * @param list<int> $turns
     *
     * @return array{list<Piece>, Stock, Nested} the pieces of a rectangle that was cut up, and a first layout
     */
    private static function begin(int $seed, int $gap, int $edge, array $turns): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $parts = [(new Box(0, 0, 300_000, 240_000))->toRegion()];
        while (\count($parts) < 14) {
            \usort($parts, static fn (Region $a, Region $b): int => $b->area() <=> $a->area());
            [$part, $parts] = [$parts[0], \array_slice($parts, 1)];
            $box = $part->bounds();
            self::assertNotNull($box);
            $half = (new Box(-900_000, 0, 900_000, 900_000))->toRegion()->transform(Affine::turn($random->getInt(0, 359)))
                ->transform(Affine::move(\intdiv($box->left + $box->right, 2), \intdiv($box->bottom + $box->top, 2)));
            \array_push($parts, ...$part->intersect($half)->pieces(), ...$part->subtract($half)->pieces());
        }
        $pieces = \array_map(static fn (Region $part): Piece => Piece::of($part, $turns), $parts);
        $roll = Stock::roll('roll', 300_000, edge: $edge);
        $pass = new Pass([$roll], 2_000, 4_000, $gap);
        \array_map($pass->lay(...), $pieces);

        return [$pieces, $roll, $pass->nested()];
    }

    /** @param list<Piece> $pieces */
    private static function after(int $steps, array $pieces, Stock $roll, int $gap, Nested $best): Nested
    {
        $separation = Separation::of($pieces, $roll, $gap, new Randomizer(new Mt19937(1)));
        self::assertNotNull($separation);
        for ($step = 0; $step < $steps; ++$step) {
            $next = $separation->step($best);
            if (null !== $next && $next->isBetterThan($best)) {
                self::assertSame([], $next->faults($gap));
                $best = $next;
            }
        }

        return $best;
    }

    /** A convex polygon, its lower left corner at the origin. */
    private static function polygon(Randomizer $random): Region
    {
        $corners = [];
        for ($turn = $random->getInt(0, 60), $radius = $random->getInt(10_000, 40_000); $turn < 360; $turn += $random->getInt(30, 110)) {
            \array_push($corners, (int) ($radius * \cos(\deg2rad($turn))), (int) ($radius * \sin(\deg2rad($turn))));
        }
        $shape = Region::fromRings([\count($corners) < 6 ? [0, 0, 20_000, 0, 9_000, 15_000] : $corners]);
        $box = $shape->bounds();
        self::assertNotNull($box);

        return $shape->transform(Affine::move(-$box->left, -$box->bottom));
    }
}
