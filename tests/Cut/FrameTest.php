<?php

declare(strict_types=1);

namespace Uvret\Tests\Cut;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Cut\CutSheet;
use Uvret\Cut\Frame\Frame;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeRing;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Cut\Knife\KnifeWork;
use Uvret\Design\DesignReader;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Plan\Planner;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\Letters;
use Uvret\Tests\Support\Stack;

/** Frames round what is cut, and what parts the waste within. */
final class FrameTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, int}> design, how it is weeded, the least distance of frames in µm */
    public static function designs(): iterable
    {
        foreach (['crew-shirt-back', 'committee-brim', 'launch-cap', 'stall-ring', 'kit-bag-ottilie', 'cox-shield'] as $at => $design) {
            foreach (['design', 'layer', 'group', 'card'] as $around) {
                // Not each with each: both shapes with everything, and everything with relief cuts.
                $frame = 0 === ($at + \strlen($around)) % 2 ? 'rectangle' : 'hugging';
                yield "$design, $frame, $around" => [
                    $design,
                    ['frame' => $frame, 'around' => $around, 'relief' => true, 'distance' => 5_000, 'margins' => ['left' => 7_000, 'top' => 5_000]],
                    5_000,
                ];
            }
        }
    }

    /** @param array<string, mixed> $weeding */
    #[DataProvider('designs')]
    public function testFramesKeepOffTheInkAndAllIsCutOnceWithinThem(string $design, array $weeding, int $off): void
    {
        foreach (self::sheets($design, $weeding) as $sheet) {
            $ink = Geos::wkt($sheet->region);
            $frame = Geos::wkt($sheet->frame);
            self::assertSame(0.0, Geos::area(Geos::result('difference', $ink, $frame)), 'ink lies within the frames');
            self::assertSame(0.0, Geos::area(Geos::result('difference', Geos::wkt($sheet->marks), $frame)), 'so do marks');
            $edge = Geos::result('boundary', $frame);
            self::assertGreaterThan($off - 15, (float) Geos::result('distance', $edge, $ink, 'txt'));
            self::assertEquals(new Box(0, 0, $sheet->box->right, $sheet->box->top), $sheet->frame->bounds());

            $ends = $edge;
            foreach ($sheet->parting as $line) {
                $wkt = self::line($line);
                self::assertGreaterThanOrEqual(1_998.0, (float) Geos::result('distance', $wkt, $ink, 'txt'), 'never nearer to ink than 2 mm');
                self::assertSame(0.0, $sheet->marks->isEmpty() ? 0.0 : self::within($wkt, $sheet->marks));
                // From the frame, or from a cut before, to the same.
                foreach ([\array_slice($line, 0, 2), \array_slice($line, -2)] as [$x, $y]) {
                    self::assertLessThan(3.0, (float) Geos::result('distance', "POINT($x $y)", $ends, 'txt'));
                }
                self::assertLessThan(3.0, (float) Geos::result('distance', $wkt, $frame, 'txt'));
                $ends = 'GEOMETRYCOLLECTION('.$ends.','.$wkt.')';
            }

            $plan = (new KnifePlanner())->plan($sheet, new KnifeSettings());
            $works = \array_map(static fn (KnifeRing $ring): KnifeWork => $ring->work, $plan->rings);
            $all = [...$sheet->region->rings(), ...$sheet->marks->rings(), ...$sheet->frame->rings(), ...$sheet->parting];
            self::assertCount(\count($all), $works);
            self::assertCount(\count($sheet->parting), \array_keys($works, KnifeWork::Parting, true));
            // All ink, then what parts the waste, then the frames.
            $rank = \array_map(static fn (KnifeWork $work): int => match ($work) {
                KnifeWork::Frame => 2,
                KnifeWork::Parting => 1,
                default => 0,
            }, $works);
            $sorted = $rank;
            \sort($sorted);
            self::assertSame($sorted, $rank);
        }
    }

    public function testTheWasteIsPartedBetweenRowsAndWordsAndBesideThemButNeverBetweenLetters(): void
    {
        [$buoy, $chalk] = self::sheets('crew-shirt-back', ['relief' => true]);
        // Two rows of two words: one cut between the rows at least, one between words in each.
        $areas = static fn (CutSheet $sheet): array => \array_map(
            static fn (Region $piece): int => \count(\array_filter(
                $sheet->region->pieces(),
                static fn (Region $ink): bool => $piece->contains(...\array_slice($ink->rings()[0], 0, 2)),
            )),
            $sheet->frame->subtract(...\array_map(static fn (array $line): Region => self::thick($line), $sheet->parting))->pieces(),
        );
        $words = \array_values(\array_filter($areas($chalk)));
        \sort($words);
        self::assertSame([4, 4, 5, 6], $words, 'TERN, POINT, SUMMER and CREW');
        self::assertSame([2], \array_values(\array_filter($areas($buoy))), 'a script word is one strip');
        self::assertSame([], self::sheets('crew-shirt-back', ['relief' => false])[1]->parting);
    }

    public function testALayerWithASmallWordNeedNotCarryTheBoxOfAll(): void
    {
        $forms = [Stack::box('chalk', 0, 100, 200, 100), Stack::box('buoy', 60, 130, 30, 10)];
        $frames = static fn (array $weeding, string $marks = 'corners'): array => \array_map(
            static fn (CutSheet $sheet): array => [\count($sheet->frame->pieces()), (int) \round($sheet->frame->area() / 1e6)],
            Stack::plan($forms, [], ['marks' => $marks], more: ['weeding' => (object) $weeding])->cutPlan->sheets,
        );
        $all = 212 * 112;
        self::assertSame([[1, $all], [1, $all]], $frames([]), 'one box for all layers');
        $close = $frames(['around' => 'layer']);
        self::assertSame([1, $all], $close[0]);
        self::assertSame(4, $close[1][0], 'its own frame, and one for each mark');
        self::assertEqualsWithDelta(42 * 22 + 190, $close[1][1], 100);
        self::assertSame([1, 42 * 22], $frames(['around' => 'layer'], 'none')[1], 'no marks, no frames for them');
        $boxed = $frames(['around' => 'layer'], 'box');
        self::assertSame($boxed[0], $boxed[1], 'where the box is the mark, all have it');
        self::assertSame(206 * 109, $frames(['around' => 'layer', 'margins' => ['left' => 2_000, 'right' => 4_000, 'top' => 3_000]], 'none')[0][1]);
    }

    public function testMarksKeepTheirPlacesInEveryFrame(): void
    {
        $forms = [Stack::box('chalk', 0, 100, 120, 60, ['kind' => 'ring']), Stack::box('buoy', 20, 100, 20, 20)];
        foreach (['rectangle', 'hugging'] as $frame) {
            foreach (['design', 'layer', 'card'] as $around) {
                $places = \array_map(static function (CutSheet $sheet): array {
                    $marks = $sheet->marks->bounds();
                    self::assertNotNull($marks);
                    self::assertNotNull($sheet->worn);

                    // Mirrored, the sheet begins at its right.
                    return [$sheet->worn->right - $marks->right, $sheet->worn->bottom + $marks->bottom];
                }, Stack::plan($forms, more: ['weeding' => (object) ['frame' => $frame, 'around' => $around]])->cutPlan->sheets);
                self::assertSame($places[0], $places[1], "$frame, $around");
            }
        }
    }

    public function testHuggingFramesLeaveEmptyMiddlesFreeAndHaveNoNarrowBays(): void
    {
        [$sheet] = Stack::plan(
            [Stack::box('chalk', 0, 100, 160, 160, ['kind' => 'ring'])],
            more: ['weeding' => (object) ['frame' => 'hugging', 'distance' => 4_000]],
        )->cutPlan->sheets;
        self::assertCount(2, $sheet->frame->rings(), 'the middle of a ring is left free');
        // Two bars 20 mm apart: a finger does not get between frames 12 mm apart, so they are one.
        $bar = Stack::box('chalk', 0, 90, 80, 10);
        $count = static fn (int $down): int => \count(Stack::plan(
            [$bar, Stack::box('chalk', 0, $down, 80, 10)],
            more: ['weeding' => (object) ['frame' => 'hugging', 'distance' => 4_000]],
        )->cutPlan->sheets[0]->frame->pieces());
        self::assertSame(1, $count(120));
        self::assertSame(2, $count(150));
    }

    public function testCardsThatHangTogetherHaveOneFrame(): void
    {
        $forms = [
            Stack::box('chalk', -60, 100, 20, 20),
            Stack::box('chalk', -45, 100, 20, 20),
            Stack::box('chalk', 60, 100, 20, 20, ['treatments' => (object) ['group' => 'crew']]),
            Stack::box('chalk', 0, 60, 20, 20, ['treatments' => (object) ['group' => 'crew']]),
        ];
        $areas = static function (string $around) use ($forms): array {
            $frames = Stack::plan($forms, more: ['weeding' => (object) ['around' => $around]])->cutPlan->sheets[0]->frame->pieces();
            $areas = \array_map(static fn (Region $frame): float => \round($frame->area() / 1e6), $frames);
            \sort($areas);

            return $areas;
        };
        self::assertSame([32.0 * 32.0, 32.0 * 32.0, 47.0 * 32.0], $areas('card'));
        self::assertSame([47.0 * 32.0, 92.0 * 72.0], $areas('group'));
        self::assertSame([152.0 * 72.0], $areas('layer'));
    }

    public function testRectanglesThatLieAgainstOneAnotherShareTheEdge(): void
    {
        $frame = Frame::of([new Box(0, 0, 40, 20), new Box(40, 5, 60, 30), new Box(0, 20, 30, 40), new Box(100, 0, 120, 20)]);
        self::assertCount(2, $frame->region->pieces());
        self::assertEqualsCanonicalizing([[40, 5, 40, 20], [0, 20, 30, 20]], $frame->parting);
        // Those that overlap are one, with nothing between them.
        self::assertSame([], Frame::of([new Box(0, 0, 40, 20), new Box(30, 5, 60, 30)])->parting);
        // Corners that touch have no edge in common.
        self::assertSame([], Frame::of([new Box(0, 0, 40, 20), new Box(40, 20, 60, 30)])->parting);
    }

    /**
     * @param array<string, mixed> $weeding
     *
     * @return list<CutSheet>
     */
    private static function sheets(string $design, array $weeding): array
    {
        $document = Json::of((string) \file_get_contents(Designs::folder()."/$design.json"))->with('weeding', $weeding);

        return (new Planner(Letters::typeCase()))->plan((new DesignReader())->fromJson((string) $document))->cutPlan->sheets;
    }

    /** @param list<int> $line */
    private static function line(array $line): string
    {
        return 'LINESTRING('.\implode(',', \array_map(static fn (array $point): string => \implode(' ', $point), \array_chunk($line, 2))).')';
    }

    /** How much of a line lies in a region, by GEOS, in µm. */
    private static function within(string $line, Region $region): float
    {
        $inside = Geos::result('intersection', $line, Geos::wkt($region));

        return Geos::isEmpty($inside) ? 0.0 : (float) Geos::result('length', $inside, null, 'txt');
    }

    /**
     * A line as a thin strip, to part by.
     *
     * @param list<int> $line
     */
    private static function thick(array $line): Region
    {
        [$dx, $dy] = [$line[2] - $line[0], $line[3] - $line[1]];
        $length = \max(1.0, \hypot($dx, $dy));
        [$x, $y, $on, $up] = [(int) (-100 * $dy / $length), (int) (100 * $dx / $length), (int) (100 * $dx / $length), (int) (100 * $dy / $length)];

        return Region::fromRings([[
            $line[0] + $x - $on, $line[1] + $y - $up, $line[0] - $x - $on, $line[1] - $y - $up,
            $line[2] - $x + $on, $line[3] - $y + $up, $line[2] + $x + $on, $line[3] + $y + $up,
        ]]);
    }
}
