<?php

declare(strict_types=1);

namespace Uvret\Tests\Separate;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Cut\File\WearSide;
use Uvret\Design\Layering\JointKind;
use Uvret\Geometry\Region;
use Uvret\Plan\Plan;
use Uvret\Separate\CutLayer;
use Uvret\Separate\FilmStacks;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Painter;
use Uvret\Tests\Support\Png;
use Uvret\Tests\Support\Stack;

final class SeparatorTest extends TestCase
{
    /** Differences that rounding to whole micrometres leaves: a hair along the edges, in µm². */
    private const ROUNDING = 2e5;

    /** What may be left of a difference without its outer 0.055 mm: a hair is 0.05 mm thick on average, a wedge twice as thick at its root. */
    private const HAIR = 2e3;

    /** @return iterable<string, array{int, string, array<string, array<string, mixed>>}> */
    public static function designs(): iterable
    {
        foreach (['trapped' => 8, 'lay over' => 6, 'butted' => 4] as $kind => $seeds) {
            for ($seed = 1; $seed <= $seeds; ++$seed) {
                $films = match ($seed % 4) {
                    1 => ['buoy' => ['finish' => 'glitter', 'thickness' => 250]],
                    2 => ['chalk' => ['finish' => 'flock'], 'sunup' => ['finish' => 'puff']],
                    3 => ['ink' => ['opaque' => false]],
                    default => [],
                };
                yield "$kind $seed" => [100 * $seeds + $seed, $kind, $films];
            }
        }
    }

    /** @param array<string, array<string, mixed>> $films */
    #[DataProvider('designs')]
    public function testPressedLayersAreTheWearSide(int $seed, string $kind, array $films): void
    {
        $picture = null;
        foreach (self::orders($seed) as $order) {
            $plan = Stack::plan(Stack::random($seed), $films, ['usual' => ['kind' => $kind, 'width' => 1_000]], $order);
            $picture ??= Painter::picture($plan);
            $pressed = 'POLYGON EMPTY';
            foreach (\array_reverse($plan->separation->layers) as $layer) {
                $wkt = Geos::wkt($layer->region);
                self::assertTrue(Geos::isValid($wkt));
                $said = $layer->film->name.' pressed '.\implode(', ', $order);
                self::assertAlike($picture[$layer->film->id], Geos::result('difference', $wkt, $pressed), $said);
                $pressed = Geos::result('union', $wkt, $pressed);
            }
            self::assertAlike(\array_reduce(
                $picture,
                static fn (string $all, string $one): string => Geos::result('union', $all, $one),
                'POLYGON EMPTY',
            ), $pressed, 'all of it');
            self::nothingLiesOnWhatTakesNothing($plan);
            self::assertSame(
                \count($plan->separation->layers),
                \count(\array_unique(\array_map(static fn (CutLayer $layer): string => $layer->film->id, $plan->separation->layers))),
                'each film is cut once',
            );
        }
    }

    /** But for what no knife follows: a hair of 0.05 mm, which is not cut. */
    private static function assertAlike(string $expected, string $wkt, string $what): void
    {
        $difference = Geos::result('symDifference', $expected, $wkt);
        self::assertLessThan(20 * self::ROUNDING, Geos::area($difference), $what);
        self::assertLessThan(self::HAIR, Geos::area(Geos::result('buffer N-55', $difference)), $what);
    }

    /** @return list<list<string>> press orders: as the films are listed, the other way round, and two shuffled */
    private static function orders(int $seed): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));

        return [Stack::FILMS, \array_reverse(Stack::FILMS), $random->shuffleArray(Stack::FILMS), $random->shuffleArray(Stack::FILMS)];
    }

    #[DataProvider('designs')]
    public function testNeighboursOverlapByTheTrap(int $seed, string $kind): void
    {
        if ('trapped' !== $kind) {
            $this->expectNotToPerformAssertions();

            return;
        }
        $plan = Stack::plan(Stack::random($seed), [], ['usual' => ['kind' => 'trapped', 'width' => 1_000]]);
        foreach ($plan->separation->joints as $joint) {
            [$lower, $upper] = [$plan->separation->layer($joint->lower->id), $plan->separation->layer($joint->upper->id)];
            self::assertNotNull($lower);
            self::assertNotNull($upper);
            $beneath = $lower->region->intersect($upper->shown);
            // It runs on beneath as far as the trap, from wherever the two have an edge in common.
            $edge = $upper->shown->intersect($lower->shown->offset(3))->offset(987)->intersect($upper->shown);
            self::assertLessThan(self::ROUNDING, $edge->subtract($beneath)->area());
            // And no farther, but for holes that would be too narrow to weed.
            $more = $beneath->subtract($lower->shown->offset(1_010));
            self::assertLessThan(self::ROUNDING, $more->open(800)->area());
        }
    }

    public function testAFilmRoundAnotherIsCutOnceThoughItIsBeneathAndAbove(): void
    {
        // Chalk letters, an ink rim, and a chalk rim round that: two films, and ink lies between or beneath.
        $form = Stack::box(
            'chalk',
            0,
            100,
            60,
            60,
            ['kind' => 'star', 'treatments' => (object) ['outlines' => [['width' => 3_000, 'film' => 'ink'], ['width' => 3_000, 'film' => 'chalk']]]],
        );
        foreach ([['usual' => ['kind' => 'trapped']], ['usual' => ['kind' => 'lay over']]] as $layering) {
            $plan = Stack::plan([$form], [], $layering);
            self::assertSame(['chalk', 'ink'], \array_map(static fn (CutLayer $layer): string => $layer->film->id, $plan->separation->layers));
            $ink = $plan->separation->layers[1]->shown;
            self::assertCount(1, $ink->pieces());
            self::assertCount(2, $ink->rings(), 'a rim, with the star and the outer rim free');
        }
    }

    public function testTrappedButtedLaidOverAndGap(): void
    {
        $forms = [Stack::box('chalk', 0, 100, 80, 80), Stack::box('buoy', 0, 100, 40, 40)];
        $lower = static fn (array $joint): Region => Stack::plan(
            $forms,
            [],
            ['joints' => [['id' => 'buoy chalk', 'film' => 'buoy', 'other' => 'chalk'] + $joint]],
        )->separation->layers[0]->region;
        self::assertEqualsWithDelta(6_400 - 38 * 38, $lower(['kind' => 'trapped', 'width' => 1_000])->area() / 1e6, 1e-6);
        self::assertEqualsWithDelta(6_400 - 37 * 37, $lower(['kind' => 'trapped', 'width' => 1_500])->area() / 1e6, 1e-6);
        self::assertEqualsWithDelta(6_400 - 40 * 40, $lower(['kind' => 'butted'])->area() / 1e6, 1e-6);
        self::assertEqualsWithDelta(6_400, $lower(['kind' => 'lay over'])->area() / 1e6, 1e-6);
        // Round corners: 40 + 2 × 2, less what four rounded corners leave.
        self::assertEqualsWithDelta(6_400 - (44 * 44 - (4 - \M_PI) * 4), $lower(['kind' => 'gap', 'width' => 2_000])->area() / 1e6, 0.1);
    }

    public function testAGapShowsOnTheWearSideToo(): void
    {
        $plan = Stack::plan([Stack::box('chalk', 0, 100, 80, 80), Stack::box('buoy', 0, 100, 40, 40)], [], ['usual' => ['kind' => 'gap', 'width' => 2_000]]);
        $svg = WearSide::svg($plan->design, $plan->composition, $plan->separation);
        // Across the middle: chalk, the gap, buoy, the gap and chalk; 96 points an inch.
        $picture = Png::drawn($svg);
        $at = static fn (float $x): bool => $picture->darkness((int) ($x / 25.4 * 96), \intdiv($picture->height, 2)) > 0.3;
        self::assertSame([true, true, false, true, true, false, true], \array_map($at, [5.0, 17.0, 19.0, 21.0, 40.0, 61.0, 63.0]));
    }

    public function testTheLowerFilmRunsThroughWhereAHoleWouldBeTooNarrow(): void
    {
        $plate = Stack::box('chalk', 0, 100, 100, 60);
        // 1.8 mm: less than twice the trap. 3 mm: a slot of 1 mm would be left. 4 mm: 2 mm are left, and can be weeded.
        foreach ([[1.8, 0], [3.0, 0], [4.0, 1]] as [$width, $holes]) {
            $plan = Stack::plan([$plate, Stack::box('buoy', 0, 100, 60, $width)]);
            self::assertCount(1 + $holes, $plan->separation->layers[0]->region->rings(), "$width mm");
        }
        // At the edge of the plate there is no film on the far side that it could run through to.
        $plan = Stack::plan([$plate, Stack::box('buoy', 0, 71.5, 60, 3)]);
        self::assertEqualsWithDelta(100 * 60 - 60 * 3 + 60 + 2 * 2, $plan->separation->layers[0]->region->area() / 1e6, 0.3);
    }

    public function testNoTrapRunsAcrossAGap(): void
    {
        // 0.6 mm of the blank are between them: less than the trap.
        $plan = Stack::plan([Stack::box('chalk', -20.3, 100, 40, 40), Stack::box('buoy', 20.3, 100, 40, 40)]);
        self::assertSame([], $plan->separation->joints);
        self::assertSame($plan->separation->layers[0]->shown, $plan->separation->layers[0]->region);
    }

    public function testFilmsThatTakeNothingOnTopGoUpAndTheTrapChangesSides(): void
    {
        $forms = [Stack::box('chalk', 0, 100, 80, 80), Stack::box('buoy', 0, 100, 40, 40)];
        $glitter = ['chalk' => ['finish' => 'glitter', 'name' => 'Spray']];
        $plan = Stack::plan($forms, $glitter);
        self::assertSame(['buoy', 'chalk'], \array_map(static fn (CutLayer $layer): string => $layer->film->id, $plan->separation->layers));
        self::assertStringContainsString('Spray can’t be layered over, so it is pressed after Buoy', $plan->separation->reasons['chalk']);
        self::assertSame(
            [JointKind::Trapped, 1_000, true],
            [
                $plan->separation->joints[0]->kind,
                $plan->separation->joints[0]->width,
                \str_contains((string) $plan->separation->joints[0]->reason, 'Buoy runs on beneath it instead'),
            ],
        );
        self::assertEqualsWithDelta(42 * 42 - (4 - \M_PI), $plan->separation->layers[0]->region->area() / 1e6, 0.05);
        self::assertEqualsWithDelta(6_400 - 1_600, $plan->separation->layers[1]->region->area() / 1e6, 1e-6);
        // Two of that kind only meet edge to edge; puff is pressed last even so.
        $both = Stack::plan($forms, ['chalk' => ['finish' => 'puff'], 'buoy' => ['finish' => 'flock']]);
        self::assertSame(JointKind::Butted, $both->separation->joints[0]->kind);
        self::assertNotNull($both->separation->joints[0]->reason);
        self::assertSame('chalk', $both->separation->layers[1]->film->id);
        // Where they do not touch, the wanted order stays.
        $apart = Stack::plan([Stack::box('chalk', -50, 100, 40, 40), Stack::box('buoy', 50, 100, 40, 40)], $glitter);
        self::assertSame([], $apart->separation->reasons);
    }

    public function testAFilmThatIsNotOpaqueLiesOnNothing(): void
    {
        $forms = [Stack::box('chalk', 0, 100, 80, 80), Stack::box('buoy', 0, 100, 40, 40)];
        $plan = Stack::plan($forms, ['buoy' => ['opaque' => false]], ['usual' => ['kind' => 'lay over']]);
        self::assertSame(JointKind::Butted, $plan->separation->joints[0]->kind);
        self::assertStringContainsString('is translucent', (string) $plan->separation->joints[0]->reason);
        self::assertTrue($plan->separation->layers[0]->region->intersect($plan->separation->layers[1]->region)->isEmpty());
        self::assertSame([], $plan->snags);
        $dark = Designs::plan(['films.0.opaque' => false, 'blank.fabric' => ['name' => 'Navy', 'colour' => '#2B3350']]);
        self::assertSame(['shows through', 'hardly seen on the fabric'], \array_map(static fn ($snag): string => $snag->kind->value, $dark->snags));
    }

    public function testThicknessIsFoundAndSaidWhereItIsTooMuch(): void
    {
        $forms = [Stack::box('chalk', 0, 100, 80, 80), Stack::box('buoy', 0, 100, 60, 60), Stack::box('sunup', 0, 100, 40, 40)];
        $films = ['sunup' => ['finish' => 'flock', 'thickness' => 500]];
        $over = Stack::plan($forms, $films, ['usual' => ['kind' => 'lay over'], 'thickest' => 600]);
        $stacks = FilmStacks::of($over->separation->layers);
        self::assertSame([680, 3], [$stacks->thickest(), $stacks->most()]);
        self::assertEqualsWithDelta(1_600, $stacks->stacks[0]->region->area() / 1e6, 0.01);
        self::assertEqualsWithDelta(6_400, \array_sum(\array_map(static fn ($stack): float => $stack->region->area(), $stacks->stacks)) / 1e6, 0.1);
        self::assertContains('too thick', \array_map(static fn ($snag): string => $snag->kind->value, $over->snags));
        self::assertNotContains('too thick', \array_map(static fn ($snag): string => $snag->kind->value, Stack::plan($forms, $films)->snags));
    }

    public function testTheDemoAgreesToo(): void
    {
        foreach (['regatta-hoodie', 'crew-badge'] as $id) {
            $design = Designs::demo($id);
            $plan = (new \Uvret\Plan\Planner(\Uvret\Tests\Support\Letters::typeCase()))->plan($design);
            $ink = Region::empty();
            foreach ($design->films as $film) {
                $ink = $ink->union(self::ink($plan, $film->id));
            }
            self::assertLessThan(
                self::ROUNDING,
                Geos::difference(
                    Geos::wkt($ink),
                    Geos::wkt(Region::empty()->union(...\array_map(static fn (CutLayer $layer): Region => $layer->region, $plan->separation->layers))),
                ),
                $id,
            );
        }
    }

    private static function nothingLiesOnWhatTakesNothing(Plan $plan): void
    {
        foreach ($plan->separation->layers as $at => $layer) {
            if ($layer->film->carries) {
                continue;
            }
            foreach (\array_slice($plan->separation->layers, $at + 1) as $upper) {
                self::assertLessThan(self::ROUNDING, Geos::area(Geos::result('intersection', Geos::wkt($layer->region), Geos::wkt($upper->region))));
            }
        }
    }

    private static function ink(Plan $plan, string $film): Region
    {
        $parts = \array_filter($plan->composition->parts, static fn ($part): bool => $part->film === $film);

        return Region::empty()->union(...\array_values(\array_map(static fn ($part): Region => $part->region, $parts)));
    }
}
