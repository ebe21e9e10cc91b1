<?php

declare(strict_types=1);

namespace Uvret\Tests\Snags;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Part;
use Uvret\Design\Line;
use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\CornerOffcuts;
use Uvret\Geometry\Measure\ThinPlaces;
use Uvret\Geometry\Region;
use Uvret\Plan\Planner;
use Uvret\Snags\LossFinder;
use Uvret\Snags\LossSnags;
use Uvret\Snags\Snag;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Letters;

final class ThinPlacesTest extends TestCase
{
    private const LIMIT = 1_000;

    /** @return iterable<string, array{list<Box>, int, int, list<int>, int|null}> shape, strokes, necks, lengths of tails, the thinnest stroke or neck */
    public static function shapes(): iterable
    {
        $left = new Box(0, 0, 10_000, 10_000);
        $right = new Box(10_600, 0, 20_000, 10_000);
        yield 'a square has corners, but nothing thin' => [[$left], 0, 0, [], null];
        yield 'two squares that hang together by a short neck' => [[$left, $right, new Box(9_000, 5_000, 12_000, 5_600)], 0, 1, [], 600];
        yield 'by two necks' => [[$left, $right, new Box(9_000, 2_000, 12_000, 2_400), new Box(9_000, 7_000, 12_000, 7_800)], 0, 2, [], 400];
        yield 'a neck as broad as the limit' => [[$left, $right, new Box(9_000, 5_000, 12_000, 6_010)], 0, 0, [], null];
        yield 'a long thin bar between them' => [[$left, new Box(20_000, 0, 30_000, 10_000), new Box(9_000, 5_000, 21_000, 5_500)], 1, 0, [], 500];
        yield 'a thin bar that ends free' => [[$left, new Box(9_000, 5_000, 16_000, 5_800)], 0, 0, [6_000], null];
        yield 'one that is short' => [[$left, new Box(9_000, 5_000, 11_300, 5_800)], 0, 0, [], null];
        yield 'a bar that is thin all over' => [[new Box(0, 0, 20_000, 700)], 1, 0, [], 700];
    }

    /**
     * @param list<Box> $boxes
     * @param list<int> $tails
     */
    #[DataProvider('shapes')]
    public function testNecksStrokesTailsAndCornersAreToldApart(array $boxes, int $strokes, int $necks, array $tails, ?int $thinnest): void
    {
        $region = Region::empty()->union(...\array_map(static fn (Box $box): Region => $box->toRegion(), $boxes));
        $thin = ThinPlaces::of($region, self::LIMIT, 1.5);
        self::assertCount($strokes, $thin->strokes);
        self::assertCount($necks, $thin->necks);
        self::assertCount(\count($tails), $thin->tails);
        foreach ($tails as $at => $length) {
            self::assertEqualsWithDelta($length, $thin->tails[$at]['length'], 250);
        }
        $widths = \array_map(ThinPlaces::strokeWidth(...), $thin->strokes);
        foreach ($thin->necks as $neck) {
            $widths[] = ThinPlaces::neckWidth($neck, ThinPlaces::round($neck, $region, self::LIMIT), self::LIMIT);
        }
        self::assertEqualsWithDelta($thinnest ?? self::LIMIT, \min([self::LIMIT, ...$widths]), 25);
    }

    /** @return iterable<string, array{list<list<int>>, int, int}> rings, what opening by a circle of 1 mm takes off, how much of it are corners */
    public static function opened(): iterable
    {
        $square = [0, 0, 10_000, 0, 10_000, 10_000, 0, 10_000];
        yield 'a square' => [[$square], 4, 4];
        $other = [10_600, 0, 20_000, 0, 20_000, 10_000, 10_600, 10_000];
        yield 'two squares and the neck between them' => [[$square, $other, [9_000, 5_000, 12_000, 5_000, 12_000, 5_600, 9_000, 5_600]], 9, 8];
        // From the tip of a notch to the edge across: two arcs that meet at the tip.
        $notched = [0, 0, 10_000, 0, 10_000, 10_000, 5_200, 10_000, 5_000, 600, 4_800, 10_000, 0, 10_000];
        yield 'a square with a notch nearly to its edge' => [[$notched], 7, 6];
        yield 'a bar that is thin all over' => [[[0, 0, 20_000, 0, 20_000, 700, 0, 700]], 1, 0];
        yield 'a long thin end' => [[$square, [9_000, 5_000, 16_000, 5_000, 16_000, 5_800, 9_000, 5_800]], 5, 4];
    }

    /** @param list<list<int>> $rings */
    #[DataProvider('opened')]
    public function testCornersAreToldByHowTheyHang(array $rings, int $pieces, int $corners): void
    {
        $region = Region::fromRings($rings);
        $thick = $region->open(500);
        $taken = \array_filter($region->subtract($thick)->pieces(), static fn (Region $piece): bool => $piece->area() > 20_000);
        self::assertCount($pieces, $taken);
        $found = new CornerOffcuts($thick, 1_500);
        self::assertCount($corners, \array_filter($taken, $found->has(...)));
        self::assertSame([], \array_filter($taken, (new CornerOffcuts($thick, 100))->has(...)), 'what reaches farther is none');
    }

    /** @return iterable<string, array{string, string, int, int}> design, card, strokes and necks, tails */
    public static function lettering(): iterable
    {
        yield 'a large script, pointed where strokes end' => ['crew-shirt-back', 'regatta', 0, 0];
        yield 'a name' => ['kit-bag-ottilie', 'name', 0, 0];
        yield 'stencil letters with sharp corners' => ['boatshed-pouch', 'shed', 0, 0];
        yield 'slabs' => ['crew-badge', 'club', 0, 0];
        yield 'a script on a cap' => ['launch-cap', 'launch', 12, 2];
        yield 'a script on a chest' => ['cox-shirt-chest', 'boat', 19, 5];
    }

    #[DataProvider('lettering')]
    public function testPointsAndCornersOfLetteringAreNotThinStrokes(string $id, string $card, int $thin, int $tails): void
    {
        $plan = (new Planner(Letters::typeCase()))->plan(Designs::demo($id));
        $part = \array_values(\array_filter($plan->composition->parts, static fn (Part $part): bool => $part->card === $card))[0];
        $places = ThinPlaces::of($part->region, self::LIMIT, 1.5);
        self::assertCount($thin, [...$places->strokes, ...$places->necks]);
        self::assertCount($tails, $places->tails);
        // All of it is thin, and in the lettering.
        foreach ([...$places->strokes, ...$places->necks, ...\array_column($places->tails, 'region')] as $piece) {
            self::assertLessThan(self::LIMIT / 2, $piece->inscribedRadius());
            self::assertEqualsWithDelta(0, $piece->subtract($part->region)->area() / $piece->area(), 1e-3);
        }
    }

    public function testTheHeftThatIsOfferedIsEnough(): void
    {
        $thin = self::boat(0);
        self::assertSame(['thin stroke', 'thin neck'], self::thin($thin));
        // Where two letters hardly join, no reasonable size helps.
        self::assertSame('Choose a heavier font, or move the letters where they hardly join.', $thin[0]->cure);
        [$heavier] = $thin[0]->fixes;
        self::assertSame(\sprintf('Strokes %.1f mm heavier', 2 * $heavier->heft / 1000), $heavier->say);
        self::assertSame([], self::thin(self::boat((int) $heavier->heft)));
    }

    /** @return list<Snag> what is thin of the boat's name on the cox's shirt, with strokes so much heavier */
    private static function boat(int $heft): array
    {
        $lines = Designs::demo('cox-shirt-chest')->lines;
        $boat = \array_values(\array_filter($lines, static fn (Line $line): bool => 'boat' === $line->id))[0];
        $plan = Designs::plan([
            'lines.0.words' => $boat->lettering->words,
            'lines.0.font' => $boat->lettering->font,
            'lines.0.size' => ['by' => $boat->size->by->value, 'length' => $boat->size->length],
            'lines.0.heft' => $heft,
        ]);
        $loss = (new LossFinder())->find($plan->design, $plan->composition->parts[0]);

        return null === $loss ? [] : LossSnags::of($plan->design, $loss);
    }

    /**
     * @param list<Snag> $snags
     *
     * @return list<string>
     */
    private static function thin(array $snags): array
    {
        $kinds = \array_map(static fn (Snag $snag): string => $snag->kind->value, $snags);

        return \array_values(\array_intersect($kinds, ['thin stroke', 'thin neck']));
    }

    public function testWhatAnInsetLeavesTooThinIsSaidWithItsMeasure(): void
    {
        // A bar set into a plate 0.6 mm from its upper edge, over 100 mm.
        $form = static fn (string $id, int $width, int $height, int $down, array $treatments = []): array => [
            'id' => $id,
            'kind' => 'rectangle',
            'film' => 'ink',
            'width' => $width,
            'height' => $height,
            'across' => 0,
            'down' => $down,
            'treatments' => (object) $treatments,
        ];
        $plan = Designs::plan(['lines' => [], 'forms' => [
            $form('plate', 160_000, 60_000, 60_000),
            $form('bar', 100_000, 10_000, 36_600, ['setInto' => ['into' => 'cards', 'cards' => ['plate'], 'clearance' => 1_000, 'corner' => 'pointed']]),
        ]]);
        $find = static fn (int $at): array => null === ($loss = (new LossFinder())->find(
            $plan->design,
            $plan->composition->parts[$at],
            $plan->composition->rooms[$plan->composition->parts[$at]->card] ?? null,
        ))
            ? []
            : LossSnags::of($plan->design, $loss);
        self::assertSame([], $find(1));
        self::assertSame(['thin remains'], \array_map(static fn (Snag $snag): string => $snag->kind->value, $find(0)));
        self::assertStringContainsString('thinner than 1.0 mm in one place (thinnest about 0.6 mm)', $find(0)[0]->message);
        self::assertEqualsWithDelta(-30_300, $find(0)[0]->y, 400);
        // With film of another part right beside it, it is not thin in what is cut.
        $part = $plan->composition->parts[0];
        $thicker = $part->region->union((new Box(-60_000, -30_100, 60_000, -20_000))->toRegion());
        self::assertNull((new LossFinder())->find($plan->design, $part, $plan->composition->rooms[$part->card], $thicker));
    }
}
