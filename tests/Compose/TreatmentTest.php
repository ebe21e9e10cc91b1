<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\TestCase;
use Uvret\Compose\Composition;
use Uvret\Compose\PartRole;
use Uvret\Compose\Treat\Cleaner;
use Uvret\Compose\Treat\Cutting;
use Uvret\Compose\Treat\RemarkKind;
use Uvret\Compose\Treat\Removal;
use Uvret\Compose\Treat\RemovalKind;
use Uvret\Design\Reading\Defaults;
use Uvret\Design\Treatment\Clean;
use Uvret\Design\Treatment\Near;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;

final class TreatmentTest extends TestCase
{
    private const BUOY = ['id' => 'buoy', 'name' => 'Buoy', 'colour' => '#E2703A'] + Designs::FILM;

    /** A big line, and a small one set into it where it stands. */
    public function testAKnockOutWithItsInsetAndClearanceAddsUpToTheBase(): void
    {
        $plain = $this->compose([]);
        $treated = $this->compose(['setInto' => ['into' => 'cards', 'cards' => ['big'], 'clearance' => 1_200]]);
        [$big, $small] = [self::region($plain, 'big'), self::region($plain, 'small')];
        $left = self::region($treated, 'big');
        // GEOS takes the same from the base.
        $geos = Geos::result('difference', Geos::wkt($big), Geos::wkt($small->offset(1_200)));
        self::assertEqualsWithDelta(Geos::area($geos), $left->area() + $this->removed($treated), 2e4);
        $clear = $small->offset(1_200)->intersect($big);
        self::assertEqualsWithDelta($big->area(), $left->area() + $clear->area(), 0.001 * $big->area());
        self::assertGreaterThanOrEqual(1_195.0, $left->distanceTo(self::region($treated, 'small')));
        // It only leaves its shape where it is not kept.
        $gone = $this->compose(['setInto' => ['into' => 'cards', 'cards' => ['big'], 'clearance' => 1_200, 'keep' => false]]);
        self::assertTrue(self::region($gone, 'small')->isEmpty());
        self::assertEqualsWithDelta($left->area(), self::region($gone, 'big')->area(), 1.0);
    }

    public function testOutlinesGrowAroundOneShapeAndLieBeneath(): void
    {
        $plain = self::region($this->compose([]), 'small');
        $composition = $this->compose([
            'outlines' => [
                ['width' => 2_000, 'film' => 'buoy', 'near' => 'as is'],
                ['width' => 1_000, 'film' => 'ink', 'corner' => 'pointed', 'holes' => 'fill', 'near' => 'as is'],
            ],
        ]);
        $rims = self::regions($composition, 'small', PartRole::Outline);
        self::assertCount(2, $rims);
        self::assertTrue($plain->offset(1_990)->subtract($rims[0])->isEmpty());
        self::assertLessThan(0.01 * $rims[0]->area(), $rims[0]->exclusive($plain->offset(2_000))->area(), 'but for notches that were smoothed');
        // Ink is below buoy, so its rim runs on beneath; all of its holes are filled.
        self::assertSame(\count($rims[1]->pieces()), \count($rims[1]->rings()));
        self::assertTrue($rims[0]->subtract($rims[1])->isEmpty());
        $all = $this->compose(['outlines' => [['width' => 3_000, 'film' => 'buoy', 'around' => 'all']]]);
        $hull = self::region($this->compose([]), 'big')->union($plain);
        self::assertTrue($hull->offset(2_990)->subtract(self::regions($all, 'small', PartRole::Outline)[0]->union($hull))->isEmpty());
    }

    public function testShadowsAreShiftedOrDrawnOutAndClearOfTheLettering(): void
    {
        $plain = self::region($this->compose([]), 'small');
        $shifted = self::regions(
            $this->compose(['shadow' => ['kind' => 'shifted', 'angle' => 0, 'length' => 4_000, 'film' => 'ink']]),
            'small',
            PartRole::Shadow,
        )[0];
        self::assertSame($plain->transform(\Uvret\Geometry\Affine::move(4_000, 0))->rings(), $shifted->rings());
        $block = self::regions(
            $this->compose(['shadow' => ['kind' => 'block', 'angle' => 90, 'length' => 5_000, 'film' => 'ink', 'gap' => 800]]),
            'small',
            PartRole::Shadow,
        )[0];
        self::assertGreaterThanOrEqual(794.0, $block->distanceTo($plain));
        self::assertEqualsWithDelta(($plain->bounds()->bottom ?? 0) - 5_000, $block->bounds()?->bottom, 1);
        self::assertLessThan(1e4, $plain->sweep(0, -5_000)->subtract($block, $plain->offset(812))->area(), 'slivers of rounding');
    }

    public function testAShadowAllRoundGoesAsFarOnAllSidesAndStaysClear(): void
    {
        $plain = self::region($this->compose([]), 'small');
        $round = static fn (int $gap): array => ['shadow' => ['kind' => 'all round', 'length' => 3_000, 'film' => 'ink', 'gap' => $gap]];
        $whole = self::regions($this->compose($round(0)), 'small', PartRole::Shadow)[0];
        self::assertLessThan(2e5, Geos::difference(Geos::result('buffer 3000', Geos::wkt($plain)), Geos::wkt($whole)) - 0.01 * $whole->area());
        $clear = self::regions($this->compose($round(1_000)), 'small', PartRole::Shadow)[0];
        self::assertGreaterThanOrEqual(994.0, $clear->distanceTo($plain));
        self::assertEqualsWithDelta($whole->area() - $plain->offset(1_000)->area(), $clear->area(), 1.0);
    }

    public function testANameIsCutOutOfAFormAndItsIslandsHangOnBridges(): void
    {
        $form = ['id' => 'shield', 'kind' => 'rectangle', 'film' => 'ink', 'width' => 220_000, 'height' => 140_000, 'across' => 0, 'down' => 60_000];
        $cut = static fn (string $islands): Composition => Designs::plan([
            'lines.0.words' => 'BOA', 'lines.0.font' => 'anton', 'lines.0.size' => ['by' => 'width', 'length' => 150_000], 'lines.0.gap' => 20_000,
            'lines.0.treatments' => ['cutFrom' => ['card' => 'shield', 'islands' => $islands, 'bridge' => 2_000]], 'forms' => [$form],
        ])->composition;
        $loose = $cut('keep');
        $shield = self::region($loose, 'shield');
        // Two islands in the B, one each in the O and the A.
        self::assertCount(5, $shield->pieces());
        self::assertTrue(self::region($loose, 'name')->isEmpty());
        self::assertSame([RemarkKind::LooseIslands], \array_column($loose->remarks, 'kind'));
        self::assertSame(4, $loose->remarks[0]->count);
        self::assertCount(1, self::region($cut('bridge'), 'shield')->pieces());
        self::assertSame([], $cut('bridge')->remarks);
        self::assertCount(1, self::region($cut('drop'), 'shield')->pieces());
        self::assertLessThan($shield->area(), self::region($cut('drop'), 'shield')->area());
    }

    public function testABandIsCutFromALetterAndIsNoInkItself(): void
    {
        $band = ['id' => 'band', 'kind' => 'rectangle', 'film' => 'ink', 'width' => 280_000, 'height' => 30_000, 'across' => 0, 'down' => 90_000];
        $design = static fn (array $treatments): Composition => Designs::plan([
            'lines.0.words' => 'R', 'lines.0.font' => 'anton', 'lines.0.size' => ['by' => 'height', 'length' => 160_000],
            'forms' => [[...$band, 'treatments' => $treatments]],
        ])->composition;
        $whole = $design(['cutFrom' => ['card' => '']]);
        $split = $design(['cutFrom' => ['card' => 'name']]);
        $letter = self::region($split, 'name');
        self::assertCount(0, $letter->intersect(self::region($whole, 'band'))->pieces());
        self::assertEqualsWithDelta(
            self::region($whole, 'name')->area(),
            $letter->area() + self::region($whole, 'name')->intersect(self::region($whole, 'band'))->area(),
            1e3,
        );
        self::assertSame([280_000, $letter->bounds()?->width()], [$whole->ink()?->width(), $split->ink()?->width()]);
        self::assertSame([RemarkKind::CutThrough], \array_column($split->remarks, 'kind'));
    }

    public function testBridgesAreLeftOutWhereTheyWouldEatALetterUp(): void
    {
        $form = ['id' => 'shield', 'kind' => 'rectangle', 'film' => 'ink', 'width' => 220_000, 'height' => 140_000, 'across' => 0, 'down' => 60_000];
        $cut = static fn (string $islands, int $height): Composition => Designs::plan([
            'lines.0.words' => 'BOA', 'lines.0.font' => 'anton', 'lines.0.size' => ['by' => 'letter', 'length' => $height], 'lines.0.gap' => 50_000,
            'lines.0.treatments' => ['cutFrom' => ['card' => 'shield', 'islands' => $islands, 'bridge' => 2_000]], 'forms' => [$form],
        ])->composition;
        $area = static fn (Composition $made): float => self::region($made, 'shield')->area();
        // The counters of letters 14 mm high are about 2 mm wide.
        self::assertSame($area($cut('keep', 14_000)), $area($cut('bridge', 14_000)));
        self::assertSame($area($cut('drop', 14_000)), $area($cut('bridge or drop', 14_000)));
        $remark = $cut('bridge', 14_000)->remarks[0];
        self::assertSame([RemarkKind::TooSmallForBridges, 4], [$remark->kind, $remark->count]);
        self::assertSame([], $cut('bridge or drop', 14_000)->remarks);
        // As much larger as it says, each has its bridges.
        $enough = (int) \ceil(14_000 * $remark->larger);
        self::assertSame([], $cut('bridge', $enough + 50)->remarks);
        self::assertCount(1, self::region($cut('bridge', $enough + 50), 'shield')->pieces());
        // In between, narrow counters are closed and broad ones bridged.
        $heights = \range(15_000, $enough, 500);
        $left = \array_map(static fn (int $height): int => $cut('bridge', $height)->remarks[0]->count ?? 0, $heights);
        self::assertSame([4, 0], [$left[0], \min($left)]);
        self::assertNotEmpty($some = \array_filter($left, static fn (int $count): bool => $count > 0 && $count < 4));
        foreach ($some as $at => $count) {
            self::assertCount(1, self::region($cut('bridge or drop', $heights[$at]), 'shield')->pieces());
            self::assertCount(1 + $count, self::region($cut('bridge', $heights[$at]), 'shield')->pieces());
        }
    }

    public function testAnInlineRunsAtItsDistanceFromTheEdge(): void
    {
        $plain = self::region($this->compose([]), 'big');
        $left = self::region($this->compose([], ['inline' => ['width' => 1_500, 'distance' => 2_000]]), 'big');
        $line = $plain->offset(-2_000)->subtract($plain->offset(-3_500));
        self::assertLessThan(0.01 * $line->area(), $plain->subtract($left)->exclusive($line)->area());
        self::assertTrue($plain->subtract($plain->offset(-1_990))->subtract($left)->isEmpty());
    }

    public function testWhatCutsRightThroughAndWhatReadsOtherwiseIsSaid(): void
    {
        // A bar of lettering across the middle of a big letter.
        $plan = Designs::plan(['films' => [Designs::FILM, self::BUOY], 'lines' => [
            self::line(
                'small',
                'regattaregatta',
                'anton',
                ['by' => 'width', 'length' => 240_000],
                ['setInto' => ['into' => 'cards', 'cards' => ['big'], 'clearance' => 1_000]],
                90_000,
            ),
            self::line('big', 'I', 'anton', ['by' => 'height', 'length' => 150_000], [], -120_000),
        ]]);
        self::assertEqualsCanonicalizing(
            [RemarkKind::CutThrough, RemarkKind::ReadsOtherwise],
            \array_column($plan->composition->remarks, 'kind'),
            'typed first, it stands below the middle',
        );
        self::assertContains('cut right through', \array_map(static fn ($snag): string => $snag->kind->value, $plan->snags));
    }

    public function testErasuresAndCopies(): void
    {
        $plain = self::region($this->compose([]), 'big');
        $box = $plain->bounds();
        self::assertNotNull($box);
        [$x, $y] = [\intdiv($box->left + $box->right, 2), \intdiv($box->bottom + $box->top, 2)];
        $piece = [0, -20_000, 30_000, -20_000, 30_000, 20_000, 0, 20_000];
        $erased = self::region(
            $this->compose([], ['erased' => [['id' => 'a', 'points' => $piece], ['id' => 'b', 'points' => [0, 0, 1, 0, 1, 1], 'hidden' => true]]]),
            'big',
        );
        self::assertSame($plain->subtract((new Box($x, $y - 20_000, $x + 30_000, $y + 20_000))->toRegion())->rings(), $erased->rings());
        $copied = self::region($this->compose([], ['copies' => ['kind' => 'grid', 'across' => 2, 'down' => 3, 'gap' => 4_000]]), 'big');
        self::assertCount(6 * \count($plain->pieces()), $copied->pieces());
        self::assertSame(3 * $box->height() + 8_000, $copied->bounds()?->height());
        $mirrored = self::region($this->compose([], ['copies' => ['kind' => 'mirrored', 'gap' => 4_000]]), 'big');
        self::assertSame(2 * $box->width() + 4_000, $mirrored->bounds()?->width());
        $around = self::region($this->compose([], ['copies' => ['kind' => 'around', 'count' => 4, 'radius' => 300_000]]), 'big');
        self::assertCount(4 * \count($plain->pieces()), $around->pieces());
    }

    /** @param array<string, mixed> $changes */
    private static function first(array $changes): Region
    {
        return Designs::plan($changes)->composition->parts[0]->region;
    }

    /** As if it had been taken out of the larger card in the first place. */
    public function testAPieceGrowsAndTurnsWithItsCard(): void
    {
        $plate = static fn (array $of, int $width, int $height, float $turn, array $points): array => [
            'lines' => [],
            'forms' => [
                [
                    'id' => 'plate',
                    'kind' => 'rectangle',
                    'film' => 'ink',
                    'width' => $width,
                    'height' => $height,
                    'proportional' => false,
                    'across' => 10_000,
                    'down' => 90_000,
                    'turn' => $turn,
                    'treatments' => (object) ['erased' => [['id' => 'a', 'points' => $points, ...([] === $of ? [] : ['of' => $of])]]],
                ],
            ],
        ];
        // Taken out of a plate that stood upright, which is now twice as wide, half as high again and turned by a quarter.
        $grown = self::first($plate(['width' => 60_000, 'height' => 40_000], 120_000, 60_000, 90, [0, -30_000, 10_000, -30_000, 10_000, 0, 0, 0]));
        $there = self::first($plate([], 60_000, 120_000, 0, [0, 0, 40_000, 0, 40_000, 20_000, 0, 20_000]));
        self::assertLessThan(0.01e6, $grown->exclusive($there)->area());
        // Taken out of a plate that was turned, which is upright again.
        $back = self::first($plate(['width' => 60_000, 'height' => 40_000, 'turn' => 90], 60_000, 40_000, 0, [0, 0, 40_000, 0, 40_000, 10_000, 0, 10_000]));
        $upright = self::first($plate([], 60_000, 40_000, 0, [0, 0, 10_000, 0, 10_000, -40_000, 0, -40_000]));
        self::assertLessThan(0.01e6, $back->exclusive($upright)->area());

        // A line's piece grows with its letters, not with its words.
        $piece = ['id' => 'a', 'points' => [-5_000, -40_000, 5_000, -40_000, 5_000, 40_000, -5_000, 40_000], 'of' => ['width' => 30_000, 'height' => 30_000]];
        foreach ([['H', 30_000, 10_000], ['H', 60_000, 20_000], ['HHH', 30_000, 10_000]] as [$words, $height, $width]) {
            $line = ['lines.0.font' => 'anton', 'lines.0.words' => $words, 'lines.0.size' => ['by' => 'letter', 'length' => $height]];
            $taken = self::first($line)->subtract(self::first([...$line, 'lines.0.treatments' => (object) ['erased' => [$piece]]]));
            self::assertEqualsWithDelta($width, $taken->bounds()?->width(), 3, $words);
        }
    }

    public function testRubbishIsTidiedCountedAndCanBeKept(): void
    {
        $base = (new Box(0, 0, 60_000, 40_000))->toRegion()->subtract((new Box(2_000, 2_000, 2_500, 2_500))->toRegion());
        // Cut out: a big hole, a pinhole, a frame that leaves a dot, and two near cuts that leave a sliver.
        $cut = Region::empty()->union(
            (new Box(10_000, 10_000, 20_000, 20_000))->toRegion(),
            (new Box(30_000, 5_000, 30_600, 5_600))->toRegion(),
            (new Box(40_000, 10_000, 46_000, 16_000))->toRegion()->subtract((new Box(42_600, 12_600, 43_200, 13_200))->toRegion()),
            (new Box(50_000, 5_000, 52_000, 35_000))->toRegion(),
            (new Box(52_300, 5_000, 54_000, 35_000))->toRegion(),
            (new Box(50_000, 4_000, 54_000, 5_000))->toRegion(),
            (new Box(50_000, 35_000, 54_000, 36_000))->toRegion(),
        );
        $cutting = Cutting::of($cut, 400);
        [$base, $at] = [$cutting->anchor->home($base), $cutting->anchor];
        $cleaner = new Cleaner(Defaults::of(Clean::class, 'clean'), 'card');
        $clean = $cleaner->afterCut($base->subtract($cutting->region), $base, $cutting);
        $kinds = \array_map(static fn (Removal $removal): string => $removal->kind->value, $cleaner->removals());
        self::assertEqualsCanonicalizing(['pinhole', 'dot', 'sliver'], $kinds);
        self::assertCount(1, $clean->pieces());
        // The small hole that was there before is real, and the three big cuts stay.
        self::assertCount(1 + 4, $clean->rings());
        $limits = Defaults::of(Clean::class, 'clean', ['kept' => [['card' => 'card', 'x' => 30_300, 'y' => -5_300]]]);
        $kept = new Cleaner($limits->seenFrom('card', $at->x, $at->y), 'card');
        self::assertCount(1 + 5, $kept->afterCut($base->subtract($cutting->region), $base, $cutting)->rings());
        self::assertSame(
            [true],
            \array_column(\array_filter($kept->removals(), static fn (Removal $removal): bool => RemovalKind::Pinhole === $removal->kind), 'kept'),
        );
    }

    public function testNotchesWhereCurvesMeetAreFilledButCornersOfHolesStay(): void
    {
        $point = (new Box(0, 0, 1, 1))->toRegion();
        $discs = $point->offset(10_000)->union($point->transform(\Uvret\Geometry\Affine::move(19_000, 0))->offset(10_000));
        $frame = (new Box(40_000, -10_000, 60_000, 10_000))->toRegion()->subtract((new Box(45_000, -5_000, 55_000, 5_000))->toRegion());
        $cleaner = new Cleaner(Defaults::of(Clean::class, 'clean'), 'card');
        $clean = $cleaner->afterGrowing($discs->union($frame), Near::Join);
        self::assertSame([RemovalKind::Nub, RemovalKind::Nub], \array_column($cleaner->removals(), 'kind'), 'above and below where the discs meet');
        self::assertTrue($frame->exclusive($clean->intersect((new Box(40_000, -10_000, 60_000, 10_000))->toRegion()))->isEmpty());
    }

    public function testRimsThatNearlyTouchAreJoinedOrKeptApart(): void
    {
        $two = (new Box(0, 0, 20_000, 20_000))->toRegion()->union((new Box(20_500, 0, 40_000, 20_000))->toRegion());
        self::assertCount(1, (new Cleaner(Defaults::of(Clean::class, 'clean'), 'card'))->afterGrowing($two, Near::Join)->pieces());
        $apart = (new Cleaner(Defaults::of(Clean::class, 'clean'), 'card'))->afterGrowing($two, Near::Apart)->pieces();
        self::assertCount(2, $apart);
        self::assertGreaterThanOrEqual(780.0, $apart[0]->distanceTo($apart[1]));
        self::assertSame($two->rings(), (new Cleaner(Defaults::of(Clean::class, 'clean'), 'card'))->afterGrowing($two, Near::AsIs)->rings());
    }

    /**
     * @param array<string, mixed> $small treatments
     * @param array<string, mixed> $big   treatments
     */
    private function compose(array $small, array $big = []): Composition
    {
        return Designs::plan(['films' => [Designs::FILM, self::BUOY], 'lines' => [
            self::line('big', 'POINT', 'anton', ['by' => 'width', 'length' => 200_000], $big, 10_000),
            self::line('small', 'Regatta', 'lobster', ['by' => 'width', 'length' => 120_000], $small, -60_000),
        ]])->composition;
    }

    /**
     * @param array<string, mixed> $size
     * @param array<string, mixed> $treatments
     *
     * @return array<string, mixed>
     */
    private static function line(string $id, string $words, string $font, array $size, array $treatments, int $gap): array
    {
        return [
            'id' => $id,
            'words' => $words,
            'font' => $font,
            'film' => 'small' === $id ? 'buoy' : 'ink',
            'size' => $size,
            'spacing' => 0,
            'align' => 'centre',
            'gap' => $gap,
            'shift' => 0,
            'treatments' => (object) $treatments,
        ];
    }

    private static function region(Composition $composition, string $card): Region
    {
        return self::regions($composition, $card, PartRole::Base)[0];
    }

    /** @return list<Region> */
    private static function regions(Composition $composition, string $card, PartRole $role): array
    {
        $regions = [];
        foreach ($composition->parts as $part) {
            if ($part->card === $card && $part->role === $role) {
                $regions[] = $part->region;
            }
        }

        return $regions;
    }

    private function removed(Composition $composition): float
    {
        return \array_sum(\array_map(
            static fn (Removal $removal): float => $removal->kind->fills() ? -$removal->shape->area() : $removal->shape->area(),
            $composition->removals,
        ));
    }
}
