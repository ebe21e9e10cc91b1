<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Composition;
use Uvret\Compose\PartRole;
use Uvret\Compose\Treat\RemarkKind;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Plan\Plan;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Stack;

/** Cards that belong to others go where those go; copies take along what belongs to the card. */
final class BelongingTest extends TestCase
{
    /** A difference that rounding leaves, in µm² for each µm of an edge. */
    private const HAIR = 1.5;

    /** @return iterable<string, array{array<string, mixed>, Affine}> what is otherwise with a plate, and where that takes what belongs to it */
    public static function places(): iterable
    {
        yield 'moved' => [['across' => 12_000, 'down' => 88_000], Affine::move(12_000, 12_000)];
        yield 'turned' => [['turn' => 30], self::about(0, -100_000, Affine::turn(-30))];
        yield 'turned far' => [['turn' => -135], self::about(0, -100_000, Affine::turn(135))];
        yield 'moved and turned' => [
            ['across' => -20_000, 'turn' => 90],
            self::about(0, -100_000, Affine::turn(-90))->then(Affine::move(-20_000, 0)),
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('places')]
    public function testWhatBelongsToACardIsMovedAndTurnedWithIt(array $change, Affine $expected): void
    {
        $design = static fn (bool $isChanged, float $turn): Composition => Stack::plan([
            Stack::box('chalk', 0, 100, 80, 60, ($isChanged ? $change : []) + ['id' => 'plate', 'proportional' => false]),
            Stack::box('buoy', 70, 20, 20, 10, self::to('plate', 15_000, -8_000) + ['id' => 'dot', 'turn' => $turn, 'proportional' => false]),
            Stack::box('ink', 0, 0, 4, 4, self::to('dot', 3_000, 1_000) + ['id' => 'speck', 'turn' => $turn]),
        ])->composition;
        $turn = \is_int($change['turn'] ?? null) ? (float) $change['turn'] : 0.0;
        [$before, $after] = [$design(false, 0.0), $design(true, $turn)];
        $dot = self::shape($before, 'dot')->bounds();
        self::assertSame([5_000, 25_000, -97_000, -87_000], [$dot?->left, $dot?->right, $dot?->bottom, $dot?->top]);
        foreach (['plate', 'dot', 'speck'] as $card) {
            $there = self::shape($before, $card)->transform($expected);
            self::assertLessThan(self::HAIR * $there->perimeter(), $there->exclusive(self::shape($after, $card))->area(), $card);
        }
    }

    public function testItIsHiddenWithItAndStandsByItselfWhereThereIsNone(): void
    {
        $dot = static fn (string $to, bool $hidden): Plan => Stack::plan([
            Stack::box('chalk', 0, 100, 80, 60, ['id' => 'plate', 'hidden' => $hidden]),
            Stack::box('buoy', 70, 20, 20, 20, self::to($to, 0, 0) + ['id' => 'dot']),
        ]);
        self::assertSame(['chalk', 'buoy'], self::films($dot('plate', false)));
        self::assertSame([], self::films($dot('plate', true)), 'what belongs to it is hidden too');
        foreach (['', 'gone', 'dot'] as $to) {
            $plan = $dot($to, false);
            self::assertSame([70_000, -20_000], self::middle($plan->composition, 'dot'), "to “{$to}”");
            self::assertSame(['buoy'], self::films($dot($to, true)));
        }
        // Two that belong to each other belong to neither.
        $circle = Stack::plan([
            Stack::box('chalk', 10, 100, 20, 20, self::to('dot', 0, 0) + ['id' => 'plate']),
            Stack::box('buoy', 70, 20, 20, 20, self::to('plate', 0, 0) + ['id' => 'dot']),
            Stack::box('ink', 0, 0, 5, 5, self::to('plate', 1_000, 2_000) + ['id' => 'speck']),
        ])->composition;
        self::assertSame([[10_000, -100_000], [70_000, -20_000]], [self::middle($circle, 'plate'), self::middle($circle, 'dot')]);
        self::assertSame([0, 0], self::middle($circle, 'speck'), 'in the end it belongs to itself');
    }

    public function testALineStandsOnItsCardAndNotInTheStack(): void
    {
        $words = ['font' => 'anton', 'film' => 'ink', 'size' => ['by' => 'letter', 'length' => 30_000], 'gap' => 10_000];
        $lines = static fn (array $second): Composition => Designs::plan(['lines' => [
            ['id' => 'one', 'words' => 'TERN'] + $words,
            ['id' => 'two', 'words' => 'POINT'] + $second + $words,
            ['id' => 'three', 'words' => 'ROWING'] + $words,
        ]])->composition;
        [$stacked, $put] = [$lines([]), $lines(self::to('one', 5_000, 2_000))];
        self::assertSame(self::shape($stacked, 'two')->bounds()?->top, self::shape($put, 'three')->bounds()?->top, 'the third takes its place');
        [$x, $y] = self::middle($put, 'one');
        self::assertSame([$x + 5_000, $y - 2_000], self::middle($put, 'two'));
        self::assertEqualsWithDelta(self::shape($stacked, 'two')->area(), self::shape($put, 'two')->area(), 1.0);
        // At 60 percent it is smaller in all that is measured.
        $small = $lines(self::to('one', 5_000, 2_000, 60));
        self::assertSame(self::middle($put, 'two'), self::middle($small, 'two'));
        self::assertEqualsWithDelta(0.36 * self::shape($put, 'two')->area(), self::shape($small, 'two')->area(), 1e5);
        self::assertSame([18_000, 30_000], [self::part($small, 'two')->letterHeight, self::part($put, 'two')->letterHeight]);
        self::assertEqualsWithDelta(0.6 * self::part($put, 'two')->width, self::part($small, 'two')->width, 1.0);
    }

    public function testWhatFollowsAFormThatWasMovedGoesAlong(): void
    {
        $design = static fn (array $ring): Composition => Designs::plan([
            'lines' => [[
                'id' => 'words', 'words' => 'TERN POINT', 'font' => 'anton', 'film' => 'ink', 'size' => ['by' => 'letter', 'length' => 10_000],
                'follows' => ['path' => 'outline', 'outline' => ['shape' => 'ring']],
            ]],
            'forms' => [
                ['id' => 'plate', 'kind' => 'rectangle', 'film' => 'ink', 'width' => 60_000, 'height' => 60_000, 'across' => 30_000, 'down' => 120_000],
                $ring + ['id' => 'ring', 'kind' => 'circle', 'film' => 'ink', 'width' => 80_000, 'height' => 80_000, 'across' => 0, 'down' => 100_000],
            ],
        ])->composition;
        [$alone, $put] = [$design([]), $design(self::to('plate', 1_000, 3_000))];
        self::assertSame([31_000, -123_000], self::middle($put, 'ring'));
        self::assertSame(
            self::shape($alone, 'words')->transform(Affine::move(31_000, -23_000))->rings(),
            self::shape($put, 'words')->rings(),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, list<Affine>}> copies of a plate of 30 × 20 mm, and where they are */
    public static function copies(): iterable
    {
        $around = static fn (float $degrees): Affine => self::about(0, -130_000, Affine::turn(-$degrees));
        yield 'in a grid' => [
            ['kind' => 'grid', 'across' => 2, 'down' => 2, 'gap' => 5_000],
            [Affine::identity(), Affine::move(35_000, 0), Affine::move(0, -25_000), Affine::move(35_000, -25_000)],
        ];
        yield 'mirrored' => [['kind' => 'mirrored', 'gap' => 4_000], [Affine::identity(), Affine::mirror()->then(Affine::move(34_000, 0))]];
        yield 'around a centre' => [
            ['kind' => 'around', 'count' => 4, 'radius' => 50_000],
            [Affine::identity(), $around(90), $around(180), $around(270)],
        ];
        yield 'around a centre, turned' => [['kind' => 'around', 'count' => 3, 'radius' => 50_000, 'turn' => 15], [$around(15), $around(135), $around(255)]];
    }

    /**
     * @param array<string, mixed> $copies
     * @param list<Affine>         $places
     */
    #[DataProvider('copies')]
    public function testCopiesTakeAlongAllThatBelongsToTheCard(array $copies, array $places): void
    {
        $design = static fn (array $copies): Plan => Stack::plan([
            Stack::box('chalk', 0, 80, 30, 20, ['id' => 'plate', 'proportional' => false, 'treatments' => (object) ['copies' => $copies]]),
            Stack::box('buoy', 0, 0, 6, 4, self::to('plate', 5_000, 0, treatments: [
                'setInto' => ['into' => 'cards', 'cards' => ['plate'], 'clearance' => 1_000, 'corner' => 'pointed'],
                'copies' => ['kind' => 'grid', 'across' => 2, 'gap' => -14_000],
            ]) + ['id' => 'dot', 'proportional' => false]),
        ]);
        [$one, $all] = [$design(['kind' => 'none']), $design($copies)];
        self::assertCount(2, self::shape($one->composition, 'dot')->pieces(), 'it has a copy of its own');
        foreach (['plate', 'dot'] as $card) {
            $expected = Region::empty()->union(...\array_map(self::shape($one->composition, $card)->transform(...), $places));
            $copied = self::shape($all->composition, $card);
            self::assertLessThan(self::HAIR * $expected->perimeter(), $expected->exclusive($copied)->area(), $card);
            self::assertCount(\count($expected->rings()), $copied->rings(), $card);
        }
        // They count as ink, and are in the layers.
        $reach = self::shape($all->composition, 'plate')->union(self::shape($one->composition, 'plate'))->bounds();
        self::assertSame($reach?->width(), $all->composition->ink()?->width());
        self::assertEqualsWithDelta(\count($places) * 2 * 24.0, ($all->separation->layer('buoy')?->region->area() ?? 0) / 1e6, 0.1);
    }

    public function testEverySecondOrThirdCopyIsOfAnotherFilm(): void
    {
        $area = static function (array $copies): array {
            $plan = Stack::plan([Stack::box('chalk', -80, 60, 10, 10, ['id' => 'dot', 'treatments' => (object) ['copies' => $copies + ['film' => 'buoy']]])]);

            return \array_map(static fn (string $film): float => \round(($plan->separation->layer($film)?->region->area() ?? 0) / 1e8, 3), ['chalk', 'buoy']);
        };
        self::assertSame([3.0, 3.0], $area(['kind' => 'around', 'count' => 6, 'every' => 2]));
        self::assertSame([5.0, 2.0], $area(['kind' => 'around', 'count' => 7, 'every' => 3]));
        // Like a chessboard, not in columns.
        self::assertSame([8.0, 8.0], $area(['kind' => 'grid', 'across' => 4, 'down' => 4, 'every' => 2]));
        $plan = Stack::plan([Stack::box('chalk', 0, 60, 10, 10, ['treatments' => (object) [
            'copies' => ['kind' => 'grid', 'across' => 2, 'down' => 2, 'gap' => 10_000, 'film' => 'buoy'],
        ]])]);
        $other = $plan->separation->layer('buoy')?->region->pieces() ?? [];
        self::assertSame([[20_000, -60_000], [0, -80_000]], \array_map(static fn (Region $dot): array => [
            \intdiv(($dot->bounds()->left ?? 0) + ($dot->bounds()->right ?? 0), 2),
            \intdiv(($dot->bounds()->top ?? 0) + ($dot->bounds()->bottom ?? 0), 2),
        ], self::sorted($other)));
        self::assertSame([1.0, 0.0], $area(['kind' => 'none']));
    }

    public function testACardIsSetIntoSeveralOrIntoAllThatItLiesOn(): void
    {
        $design = static fn (array $setInto): Composition => Stack::plan([
            Stack::box('chalk', -30, 100, 60, 60, ['id' => 'left']),
            Stack::box('chalk', 30, 100, 60, 60, ['id' => 'right', 'depth' => 2]),
            Stack::box('sunup', 200, 100, 60, 60, ['id' => 'far']),
            Stack::box('ink', 0, 100, 10, 80, ['id' => 'over', 'depth' => 3]),
            Stack::box('buoy', 0, 100, 40, 20, ['id' => 'bar', 'depth' => 2, 'treatments' => (object) [
                'setInto' => $setInto + ['clearance' => 1_000, 'corner' => 'pointed'],
            ]]),
        ])->composition;
        $areas = static fn (Composition $made): array => \array_map(
            static fn (string $card): float => self::shape($made, $card)->area() / 1e6,
            ['left', 'right', 'far', 'over'],
        );
        // The bar and its clearance are 42 × 22 mm, half of it on either square.
        self::assertSame([3_600.0, 3_600.0, 3_600.0, 800.0], $areas($design(['into' => 'none', 'cards' => ['left']])));
        self::assertSame([3_138.0, 3_600.0, 3_600.0, 800.0], $areas($design(['into' => 'cards', 'cards' => ['left']])));
        self::assertSame([3_138.0, 3_138.0, 3_600.0, 800.0], $areas($design(['into' => 'cards', 'cards' => ['left', 'right']])));
        self::assertSame([3_138.0, 3_138.0, 3_600.0, 800.0], $areas($design(['into' => 'all'])), 'what lies over it stays whole');
        $gone = $design(['into' => 'cards', 'cards' => ['left', 'gone']]);
        self::assertSame([3_138.0, 3_600.0, 3_600.0, 800.0], $areas($gone));
        self::assertSame([RemarkKind::NoOther], \array_column($gone->remarks, 'kind'));
    }

    /**
     * @param array<string, mixed> $treatments
     *
     * @return array<string, mixed>
     */
    private static function to(string $card, int $across, int $down, float $scale = 100, array $treatments = []): array
    {
        return [
            'belongs' => ['to' => $card, 'across' => $across, 'down' => $down, 'scale' => $scale],
            'treatments' => (object) $treatments,
        ];
    }

    private static function about(int $x, int $y, Affine $map): Affine
    {
        return Affine::move(-$x, -$y)->then($map)->then(Affine::move($x, $y));
    }

    private static function part(Composition $composition, string $card): \Uvret\Compose\Part
    {
        foreach ($composition->parts as $part) {
            if ($part->card === $card && PartRole::Base === $part->role) {
                return $part;
            }
        }
        self::fail("There is no $card.");
    }

    private static function shape(Composition $composition, string $card): Region
    {
        return self::part($composition, $card)->region;
    }

    /** @return array{int, int} */
    private static function middle(Composition $composition, string $card): array
    {
        $part = self::part($composition, $card);

        return [$part->middleX, $part->middleY];
    }

    /** @return list<string> */
    private static function films(Plan $plan): array
    {
        return \array_map(static fn ($layer): string => $layer->film->id, $plan->separation->layers);
    }

    /**
     * @param list<Region> $pieces
     *
     * @return list<Region> the top ones first
     */
    private static function sorted(array $pieces): array
    {
        \usort($pieces, static fn (Region $a, Region $b): int => ($b->bounds()->top ?? 0) <=> ($a->bounds()->top ?? 0));

        return $pieces;
    }
}
