<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Follow\ArcMeasure;
use Uvret\Compose\Follow\CircleGuide;
use Uvret\Compose\Follow\Guide;
use Uvret\Compose\Follow\OutlineGuide;
use Uvret\Compose\Follow\PathOffsets;
use Uvret\Compose\Follow\SpiralGuide;
use Uvret\Compose\Follow\StrainKind;
use Uvret\Compose\Part;
use Uvret\Design\Follow\Arc;
use Uvret\Design\Follow\ArcBy;
use Uvret\Design\Reading\Defaults;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Curve\Path;
use Uvret\Geometry\Curve\PathBuilder;
use Uvret\Geometry\Curve\Warp;
use Uvret\Geometry\Curve\WarpedFlattening;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\Letters;

final class FollowTest extends TestCase
{
    private const RING = ['lines.0.font' => 'anton', 'lines.0.words' => 'TERN POINT ROWERS', 'lines.0.size' => ['by' => 'letter', 'length' => 15000]];

    /** @return iterable<string, array{Arc}> */
    public static function arcs(): iterable
    {
        yield 'a rise' => [Defaults::of(Arc::class, 'arc', ['by' => 'rise', 'rise' => 30_000])];
        yield 'a small rise' => [Defaults::of(Arc::class, 'arc', ['by' => 'rise', 'rise' => 300])];
        yield 'a rise downwards' => [Defaults::of(Arc::class, 'arc', ['by' => 'rise', 'rise' => 30_000, 'bows' => 'down'])];
        yield 'an angle' => [Defaults::of(Arc::class, 'arc', ['by' => 'angle', 'angle' => 100])];
        yield 'an angle downwards' => [Defaults::of(Arc::class, 'arc', ['by' => 'angle', 'angle' => 100, 'bows' => 'down'])];
        yield 'a radius' => [Defaults::of(Arc::class, 'arc', ['by' => 'radius', 'radius' => 140_000])];
    }

    #[DataProvider('arcs')]
    public function testArcsHaveTheirMeasuresByTheClosedFormulas(Arc $arc): void
    {
        [$length, $measured] = [200_000.0, 9_000.0];
        $radius = ArcMeasure::radius($arc, $length, $measured);
        self::assertNotNull($radius);
        $angle = $length / ($radius + ($arc->bowsDown ? -$measured : $measured));
        match ($arc->by) {
            ArcBy::Rise => self::assertEqualsWithDelta($arc->rise, $radius * (1 - \cos($angle / 2)), 0.01),
            ArcBy::Angle => self::assertEqualsWithDelta($arc->angle, \rad2deg($angle), 1e-6),
            ArcBy::Radius => self::assertSame((float) $arc->radius, $radius),
        };
        // Where a point comes to lie: by polar coordinates round the arc's centre.
        $centre = $arc->bowsDown ? $radius : -$radius;
        $guide = new CircleGuide(0, $centre, $radius, $arc->bowsDown, new PathOffsets(2_000, $measured), 0, 355);
        foreach ([[-100_000.0, 0.0], [0.0, 15_000.0], [63_000.0, -4_000.0]] as [$x, $y]) {
            [$px, $py] = $guide->at($x, $y);
            self::assertEqualsWithDelta($radius + ($arc->bowsDown ? -1 : 1) * ($y + 2_000), \hypot($px, $py - $centre), 0.01);
            self::assertEqualsWithDelta($x / $length * $angle, \atan2($px, \abs($py - $centre)), 1e-9);
        }
    }

    /** @return iterable<string, array{string, float}> */
    public static function shares(): iterable
    {
        yield 'half of it, at the top' => ['upper', 50.0];
        yield 'a third, at the bottom' => ['lower', 100 / 3];
        yield 'nine tenths' => ['round', 90.0];
    }

    #[DataProvider('shares')]
    public function testALineTakesAShareOfItsRingWhateverItsWords(string $part, float $share): void
    {
        $ring = ['path' => 'ring', 'letters' => 'bent', 'ring' => ['radius' => 70_000, 'part' => $part, 'down' => 120_000]];
        foreach (['TERN POINT', 'HARBOUR ROWING CLUB'] as $words) {
            $region = Designs::plan([
                'lines.0.font' => 'anton', 'lines.0.words' => $words, 'lines.0.size' => ['by' => 'share', 'length' => 0, 'share' => $share],
                'lines.0.follows' => $ring,
            ])->composition->parts[0]->region;
            $angles = [];
            foreach ($region->rings() as $points) {
                foreach (\array_chunk($points, 2) as [$x, $y]) {
                    $angles[] = \rad2deg(\atan2($x, ('lower' === $part ? -1 : 1) * ($y + 120_000)));
                }
            }
            \assert([] !== $angles);
            self::assertEqualsWithDelta(3.6 * $share, \max($angles) - \min($angles), 0.05, $words);
        }
    }

    public function testALineTakesSoManyTurnsOfItsSpiralWhateverItsWords(): void
    {
        foreach (['round the point we go and back again', 'once more round the buoys, then home before the tide turns'] as $words) {
            foreach ([[1.5, 'outside'], [1.25, 'inside']] as [$turns, $from]) {
                $part = self::spiral($words, $turns, $from);
                // Out on the baseline, summed up about the middle.
                $turned = 0.0;
                foreach ($part->handles->path ?? [] as $at => [$x, $y]) {
                    [$px, $py] = $part->handles?->path[\max(0, $at - 1)] ?? [$x, $y];
                    $turned += \fmod(\atan2($px, $py + 120_000) - \atan2($x, $y + 120_000) + 3 * \M_PI, 2 * \M_PI) - \M_PI;
                }
                self::assertEqualsWithDelta($turns, \abs($turned) / (2 * \M_PI), 0.01, "$words $from");
            }
        }
        $failure = self::spiral('short', 6.0, 'outside')->failure;
        self::assertMatchesRegularExpression('/^The words are too short for so many turns: at most \d\.\d with this pitch\./', (string) $failure);
    }

    private static function spiral(string $words, float $turns, string $from): Part
    {
        return Designs::plan([
            'lines.0.font' => 'anton', 'lines.0.words' => $words, 'lines.0.size' => ['by' => 'turns', 'length' => 0, 'turns' => $turns],
            'lines.0.follows' => ['path' => 'spiral', 'spiral' => ['down' => 120_000, 'from' => $from]],
        ])->composition->parts[0];
    }

    public function testALineIsFittedIntoTheBrimAndNotIntoItsRectangle(): void
    {
        $design = Designs::demo('committee-brim');
        $brim = $design->blank->placement->brim;
        self::assertNotNull($brim);
        [$x, $y] = [-$design->blank->placement->across, $design->blank->placement->down];
        foreach ([[40.0, 4_000], [170.0, 12_000]] as [$span, $margin]) {
            $document = Json::of((string) \file_get_contents(Designs::folder().'/committee-brim.json'));
            $document = $document->with('forms', [])->with('motifs', [])->with('lines', [[
                'id' => 'line', 'film' => $document->string('films.0.id'), 'lettering' => ['words' => 'STARTERS', 'font' => 'anton'],
                'size' => ['by' => 'area', 'length' => $margin],
                'follows' => ['path' => 'brim', 'letters' => 'bent', 'sits' => 'middle', 'brim' => ['inset' => \intdiv($brim->edge - $brim->crown, 2), 'span' => $span]],
            ]]);
            $read = (new \Uvret\Design\DesignReader())->fromJson((string) $document);
            $part = (new \Uvret\Plan\Planner(Letters::typeCase()))->plan($read)->composition->parts[0];
            $radii = [];
            foreach ($part->region->rings() as $points) {
                foreach (\array_chunk($points, 2) as [$px, $py]) {
                    $radii[] = \hypot($px - $x, $py - $y);
                }
            }
            \assert([] !== $radii);
            self::assertGreaterThanOrEqual($brim->crown + $margin - 20, \min($radii));
            self::assertLessThanOrEqual($brim->edge - $margin + 20, \max($radii));
            $tight = \min($brim->edge - $margin - \max($radii), \min($radii) - $brim->crown - $margin);
            // In a wide span the band holds it, in a narrow one the span.
            self::assertSame($span > 100, $tight < 100, "{$span}°");
        }
    }

    public function testASpiralIsAsLongAsTheLineWithEvenPitchAndReadsFromEitherEnd(): void
    {
        $offsets = new PathOffsets(0, 3_000);
        foreach ([true, false] as $fromInside) {
            $guide = new SpiralGuide(1_000, -2_000, 12_000, 9_000, 900_000, $fromInside, $offsets, 0);
            // Its length at the measured height, summed up over short steps.
            $sum = 0.0;
            $turned = 0.0;
            $previous = $guide->at(0, 3_000);
            for ($step = 1; $step <= 9_000; ++$step) {
                $point = $guide->at($step * 100, 3_000);
                $sum += \hypot($point[0] - $previous[0], $point[1] - $previous[1]);
                $turned += \fmod(
                    \atan2($previous[1] + 2_000, $previous[0] - 1_000) - \atan2($point[1] + 2_000, $point[0] - 1_000) + 3 * \M_PI,
                    2 * \M_PI,
                ) - \M_PI;
                $previous = $point;
            }
            self::assertEqualsWithDelta(900_000, $sum, 5);
            self::assertEqualsWithDelta($guide->turns(), $turned / (2 * \M_PI), 0.05, 'clockwise');
            $outer = \hypot($guide->point($fromInside ? 900_000 : 0)[0] - 1_000, $guide->point($fromInside ? 900_000 : 0)[1] + 2_000);
            self::assertEqualsWithDelta(12_000 + 9_000 * $guide->turns(), $outer, 1);
        }
    }

    public function testAnOutlineIsFollowedClockwiseOutsideAndUprightInside(): void
    {
        $circle = Region::fromRings(Flattening::rings((new PathBuilder())->ellipse(0, 0, 50_000, 50_000)->path(), Affine::identity()));
        $outside = OutlineGuide::of($circle, false, new PathOffsets(0, 5_000), 2_000, 0);
        $inside = OutlineGuide::of($circle, true, new PathOffsets(0, 5_000), 2_000, 0.5);
        self::assertNotNull($outside);
        self::assertNotNull($inside);
        // Measured 5 mm outside and inside of it, like rings of these radii.
        self::assertEqualsWithDelta(2 * \M_PI * 55_000, $outside->room(), 60);
        self::assertEqualsWithDelta(2 * \M_PI * 45_000, $inside->room(), 60);
        foreach ([-30_000.0, 0.0, 44_000.0] as $x) {
            foreach ([0.0, 8_000.0] as $y) {
                [$px, $py] = $outside->at($x, $y);
                self::assertEqualsWithDelta(50_000 + $y, \hypot($px, $py), 8);
                self::assertEqualsWithDelta($x / 55_000, \atan2($px, $py), 2e-3);
                [$px, $py] = $inside->at($x, $y);
                self::assertEqualsWithDelta(50_000 - $y, \hypot($px, $py), 8);
                self::assertEqualsWithDelta($x / 45_000, \atan2($px, -$py), 2e-3);
            }
        }
    }

    public function testAnOutlineWithALevelTopBeginsInItsMiddle(): void
    {
        foreach ([120_000, 30_000] as $height) {
            $plate = Region::fromRings([[-75_000, 0, 75_000, 0, 75_000, $height, -75_000, $height]]);
            foreach ([false, true] as $inside) {
                [$x, $y] = OutlineGuide::of($plate, $inside, new PathOffsets(0, 0), 2_000, 0)?->point(0.0) ?? [0.0, 0.0];
                self::assertEqualsWithDelta(0.0, $x, 250.0);
                self::assertEqualsWithDelta((float) $height, $y, 1.0);
            }
        }
    }

    /** @return iterable<string, array{Guide}> */
    public static function guides(): iterable
    {
        yield 'an arc' => [new CircleGuide(0, -90_000, 90_000, false, new PathOffsets(0, 8_000), 0, 355)];
        yield 'a tight ring' => [new CircleGuide(0, 0, 21_000, true, new PathOffsets(-2_000, 3_000), 20, 360)];
        yield 'a spiral' => [new SpiralGuide(0, 0, 20_000, 30_000, 160_000, false, new PathOffsets(0, 8_000), 0)];
    }

    /** The Hausdorff distance both ways: every point of the finely sampled true image is near the ring, and the other way round. */
    #[DataProvider('guides')]
    public function testBentOutlinesAreWithinFiveMicrometresOfTheFinelySampledMap(Guide $guide): void
    {
        $path = (new PathBuilder())->moveTo(5_000, -3_000)->lineTo(60_000, -3_000)
            ->cubicTo(72_000, 4_000, 30_000, 9_000, 64_000, 15_000)->lineTo(12_000, 14_000)->quadraticTo(-5_000, 3_000, 5_000, -3_000)->path();
        $rings = WarpedFlattening::rings($path, Affine::identity(), $guide);
        self::assertLessThanOrEqual(5.0, self::farthest(self::sampled($path, $guide), $rings[0]));
        self::assertLessThan(2_000, \count($rings[0]), 'no more points than are needed');
    }

    /** @return list<array{float, float}> */
    private static function sampled(Path $path, Warp $warp): array
    {
        $points = [];
        foreach ($path->contours as $contour) {
            for ($i = 0; $i + 7 < \count($contour); $i += 6) {
                for ($t = 0; $t < 200; ++$t) {
                    $points[] = $warp->at(
                        Path::at($contour[$i], $contour[$i + 2], $contour[$i + 4], $contour[$i + 6], $t / 200),
                        Path::at($contour[$i + 1], $contour[$i + 3], $contour[$i + 5], $contour[$i + 7], $t / 200),
                    );
                }
            }
        }

        return $points;
    }

    /**
     * @param list<array{float, float}> $points
     * @param list<int>                 $ring
     */
    private static function farthest(array $points, array $ring): float
    {
        $farthest = 0.0;
        foreach ($points as [$x, $y]) {
            $nearest = \INF;
            for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                [$ax, $ay, $bx, $by] = [$ring[$i], $ring[$i + 1], $ring[($i + 2) % $count], $ring[($i + 3) % $count]];
                $length = \max(1e-9, ($bx - $ax) ** 2 + ($by - $ay) ** 2);
                $t = \max(0.0, \min(1.0, (($x - $ax) * ($bx - $ax) + ($y - $ay) * ($by - $ay)) / $length));
                $nearest = \min($nearest, \hypot($x - $ax - $t * ($bx - $ax), $y - $ay - $t * ($by - $ay)));
            }
            $farthest = \max($farthest, $nearest);
        }

        return $farthest;
    }

    public function testAScriptBentGentlyHasThePiecesAndHolesOfTheStraightOne(): void
    {
        $words = ['lines.0.words' => 'Saltmarsh Regatta', 'lines.0.font' => 'yellowtail'];
        $straight = self::part($words);
        $bent = self::part($words + ['lines.0.follows' => ['path' => 'arc', 'arc' => ['by' => 'rise', 'rise' => 25_000]]]);
        self::assertGreaterThan(2, \count($straight->region->rings()));
        self::assertSame(self::counts($straight), self::counts($bent));
        self::assertEqualsWithDelta(200_000, $bent->region->bounds()?->width(), 12, 'the ink is sized after bending');
    }

    /** @return array{int, int} */
    private static function counts(Part $part): array
    {
        return [\count($part->region->pieces()), \count($part->region->rings())];
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function sizes(): iterable
    {
        $arc = ['path' => 'arc', 'arc' => ['by' => 'rise', 'rise' => 30_000]];
        yield 'an arc by width' => [['lines.0.follows' => $arc, 'lines.0.size' => ['by' => 'width', 'length' => 180_000]], 'width'];
        yield 'an arc by height' => [['lines.0.follows' => $arc, 'lines.0.size' => ['by' => 'height', 'length' => 70_000]], 'height'];
        yield 'a spiral by width' => [
            [
                'lines.0.follows' => ['path' => 'spiral'],
                'lines.0.words' => \str_repeat('round the point we go ', 6),
                'lines.0.size' => ['by' => 'width', 'length' => 150_000],
            ],
            'width',
        ];
        yield 'arched edges by height' => [
            [
                'lines.0.fills' => ['top' => ['shape' => 'arched', 'rise' => 20_000], 'bottom' => ['shape' => 'dipped', 'rise' => 8_000]],
                'lines.0.size' => ['by' => 'height', 'length' => 90_000],
            ],
            'height',
        ];
        yield 'a turned arc in the area' => [['lines.0.follows' => $arc, 'lines.0.turn' => 20, 'lines.0.size' => ['by' => 'area', 'length' => 10_000]], 'area'];
        yield 'a ring in the area' => [
            [
                'lines.0.follows' => ['path' => 'ring', 'ring' => ['radius' => 80_000, 'down' => 120_000]],
                'lines.0.size' => ['by' => 'area', 'length' => 10_000],
            ],
            'area',
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('sizes')]
    public function testSizesAreThoseOfTheBentInk(array $changes, string $by): void
    {
        $plan = Designs::plan($changes);
        $ink = $plan->composition->parts[0]->region->bounds();
        self::assertNotNull($ink);
        $length = $plan->design->lines[0]->size->length;
        if ('area' === $by) {
            $area = $plan->composition->area;
            $spare = 'ring' === $plan->design->lines[0]->follows->path->value
                ? \min($ink->left - $area->left, $area->right - $ink->right, $ink->bottom - $area->bottom, $area->top - $ink->top)
                : \min($area->width() - $ink->width(), $area->height() - $ink->height()) / 2;
            self::assertEqualsWithDelta($length, $spare, 12);
        } else {
            self::assertEqualsWithDelta($length, 'width' === $by ? $ink->width() : $ink->height(), 12);
        }
    }

    /** Measured on the outlines half way up the letters: the gap that closes the ring is that between words. */
    public function testAFullRingClosesEvenly(): void
    {
        $ring = [
            'path' => 'ring',
            'evening' => 100,
            'letters' => 'bent',
            'ring' => ['part' => 'round', 'radius' => 50_000, 'across' => 0, 'down' => 120_000, 'ends' => 'even'],
        ];
        // All letters alike, so that all gaps of words are too.
        $part = self::part(['lines.0.words' => 'HH HH HH HH', 'lines.0.follows' => $ring] + self::RING);
        $radius = 50_000 + 7_500;
        $angles = [];
        foreach ($part->region->pieces() as $piece) {
            $angles[] = self::angles($piece, $radius);
        }
        self::assertCount(8, $angles);
        \usort($angles, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $gaps = [];
        foreach ($angles as $number => [, $end]) {
            $gaps[] = \fmod(($angles[$number + 1][0] ?? $angles[0][0] + 2 * \M_PI) - $end + 4 * \M_PI, 2 * \M_PI) * $radius;
        }
        \sort($gaps);
        self::assertEqualsWithDelta($gaps[0], $gaps[3], 50.0, 'between letters');
        self::assertEqualsWithDelta($gaps[4], $gaps[7], 50.0, 'between words, and where the ring closes');
        self::assertGreaterThan($gaps[3] + 1_000, $gaps[4]);
    }

    /** @return array{float, float} from where to where a letter lies on a circle round (0, −120 mm), clockwise from the top */
    private static function angles(Region $letter, float $radius): array
    {
        $circle = [];
        for ($step = 0; $step <= 20_000; ++$step) {
            $circle[] = (int) \round($radius * \sin(2 * \M_PI * $step / 20_000));
            $circle[] = (int) \round($radius * \cos(2 * \M_PI * $step / 20_000)) - 120_000;
        }
        $angles = [];
        foreach ($letter->clipLines([$circle]) as $line) {
            for ($i = 0; $i < \count($line); $i += 2) {
                $angles[] = \atan2($line[$i], $line[$i + 1] + 120_000);
            }
        }
        \sort($angles);
        self::assertNotSame([], $angles);
        if (\end($angles) - $angles[0] > 6) {
            // Where a letter lies across the bottom, its angles jump.
            $angles = \array_map(static fn (float $angle): float => $angle < 0 ? $angle + 2 * \M_PI : $angle, $angles);
            \sort($angles);
        }

        return [$angles[0], $angles[\count($angles) - 1]];
    }

    public function testTwoLinesShareARingAndLeaveTheGapsAskedFor(): void
    {
        $line = static fn (string $id, string $words, array $ring): array => [
            'id' => $id,
            'words' => $words,
            'font' => 'anton',
            'film' => 'ink',
            'size' => ['by' => 'letter', 'length' => 12_000],
            'spacing' => 0,
            'align' => 'centre',
            'gap' => 0,
            'shift' => 0,
            'follows' => ['path' => 'ring', 'letters' => 'bent', 'ring' => $ring, 'sits' => 'lower' === $ring['part'] ? 'top' : 'baseline'],
        ];
        $plan = Designs::plan([
            'lines' => [
                $line(
                    'upper',
                    'TERN POINT ROWING',
                    ['part' => 'upper', 'radius' => 60_000, 'across' => 10_000, 'down' => 120_000, 'ends' => 'gap', 'gap' => 20_000],
                ),
                $line('lower', 'SUMMER CREW', ['part' => 'lower', 'with' => 'upper']),
            ],
        ]);
        [$upper, $lower] = $plan->composition->parts;
        // Both in the same band round the shared centre.
        foreach ([$upper, $lower] as $part) {
            foreach ($part->region->rings() as $ring) {
                foreach (\array_chunk($ring, 2) as [$x, $y]) {
                    self::assertGreaterThan(59_500, \hypot($x - 10_000, $y + 120_000));
                    self::assertLessThan(72_500, \hypot($x - 10_000, $y + 120_000));
                }
            }
        }
        self::assertSame([], $plan->snags);
        // 20 mm along the ring half way up the letters, at 66 mm: nearest they are where they are nearest to the centre.
        self::assertEqualsWithDelta(2 * 60_000 * \sin(20 / 66 / 2), $upper->region->distanceTo($lower->region), 150);
    }

    public function testEveningKeepsTheSpacingOfStraightWordsHalfWayUp(): void
    {
        $middles = static function (float $evening): float {
            $part = self::part([
                'lines.0.words' => 'IIII',
                'lines.0.follows' => ['path' => 'ring', 'evening' => $evening, 'letters' => 'bent', 'ring' => ['radius' => 20_000, 'down' => 120_000]],
            ] + self::RING);
            $middles = \array_map(static fn (Region $letter): float => \array_sum(self::angles($letter, 27_500)) / 2, $part->region->pieces());
            \sort($middles);

            return ($middles[3] - $middles[0]) / 3;
        };
        $straight = self::part(['lines.0.words' => 'IIII'] + self::RING);
        $letters = \array_values($straight->letters);
        $step = ($letters[3]->left - $letters[0]->left) / 3;
        self::assertEqualsWithDelta($step / 27_500, $middles(100), 0.001);
        self::assertEqualsWithDelta($step / 20_000, $middles(0), 0.001);
    }

    public function testTooLongALineIsSaidWithTheSizeAndTheSpacingThatFit(): void
    {
        $changes = [
            'lines.0.words' => 'TERN POINT ROWERS AND ROWERS',
            'lines.0.follows' => ['path' => 'ring', 'ring' => ['radius' => 24_000, 'down' => 120_000]],
        ] + self::RING;
        $plan = Designs::plan($changes);
        $strain = $plan->composition->parts[0]->strains[0];
        self::assertSame(StrainKind::TooLong, $strain->kind);
        self::assertNotNull($strain->height);
        $smaller = self::part(['lines.0.size' => ['by' => 'letter', 'length' => $strain->height]] + $changes);
        self::assertNotContains(StrainKind::TooLong, \array_column($smaller->strains, 'kind'));
        $larger = self::part(['lines.0.size' => ['by' => 'letter', 'length' => $strain->height + 200]] + $changes);
        self::assertContains(StrainKind::TooLong, \array_column($larger->strains, 'kind'));
        $snag = $plan->snags[0];
        self::assertSame('longer than its path', $snag->kind->value);
        self::assertSame($strain->height, $snag->fixes[0]->letterHeight);
    }

    public function testACurveTooTightAndLettersThatRunIntoOneAnotherAreSaid(): void
    {
        $tight = self::part([
            'lines.0.words' => 'TIP',
            'lines.0.follows' => ['path' => 'ring', 'ring' => ['part' => 'lower', 'radius' => 12_000, 'down' => 120_000]],
        ] + self::RING);
        self::assertContains(StrainKind::TooTight, \array_column($tight->strains, 'kind'));
        $crowded = self::part([
            'lines.0.words' => 'TTTT',
            'lines.0.follows' => ['path' => 'ring', 'evening' => 0, 'ring' => ['part' => 'lower', 'radius' => 40_000, 'down' => 120_000]],
        ] + self::RING);
        self::assertSame([StrainKind::Overlap], \array_values(\array_unique(\array_column($crowded->strains, 'kind'), \SORT_REGULAR)));
        $straight = self::part(['lines.0.words' => 'TTTT'] + self::RING);
        self::assertCount(4, $straight->region->pieces());
    }

    public function testALineWithoutItsShapeSaysSoAndTheOthersAreMade(): void
    {
        $plan = Designs::plan(['lines.0.follows' => ['path' => 'outline', 'outline' => ['shape' => 'gone']]]);
        self::assertStringContainsString('whose outline the line follows is gone', $plan->snags[0]->message);
        $plan = Designs::plan(['lines.0.follows' => ['path' => 'brim']]);
        self::assertStringContainsString('no brim', $plan->snags[0]->message);
    }

    /** @param array<string, mixed> $changes */
    private static function part(array $changes): Part
    {
        return Designs::plan($changes)->composition->parts[0];
    }
}
