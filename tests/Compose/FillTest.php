<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Fill\Filling;
use Uvret\Compose\Fill\ShapedBorders;
use Uvret\Compose\Forms\FormOutline;
use Uvret\Compose\Part;
use Uvret\Design\Fill\Edge;
use Uvret\Design\Fill\EdgeShape;
use Uvret\Design\Fill\Fills;
use Uvret\Design\Form;
use Uvret\Design\FormKind;
use Uvret\Design\Reading\Defaults;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;

final class FillTest extends TestCase
{
    /** @return iterable<string, array{EdgeShape, list<array{float|int, float|int}>}> shares of the width and of the rise */
    public static function shapes(): iterable
    {
        yield 'level' => [EdgeShape::Level, [[0, 0], [0.5, 0], [1, 0]]];
        yield 'arched' => [EdgeShape::Arched, [[0, 0], [0.25, 0.75], [0.5, 1], [1, 0]]];
        yield 'dipped' => [EdgeShape::Dipped, [[0, 0], [0.5, -1], [1, 0]]];
        yield 'peaked' => [EdgeShape::Peaked, [[0, 0], [0.25, 0.5], [0.5, 1], [0.75, 0.5], [1, 0]]];
        yield 'wave' => [EdgeShape::Wave, [[0, 0], [0.25, 1], [0.5, 0], [0.75, -1], [1, 0]]];
        yield 'slope' => [EdgeShape::Slope, [[0, 0], [0.5, 0.5], [1, 1]]];
    }

    /** @param list<array{float|int, float|int}> $heights */
    #[DataProvider('shapes')]
    public function testEdgesHaveTheirShapesAndARectangleFillsThem(EdgeShape $shape, array $heights): void
    {
        $fills = Defaults::of(Fills::class, 'fills', ['top' => ['shape' => $shape, 'rise' => 20_000, 'left' => 1_000, 'right' => 5_000]]);
        $filling = Filling::between(100_000, -2_000, 48_000, new ShapedBorders($fills, 100_000, -2_000, 48_000), false);
        foreach ($heights as [$share, $height]) {
            [$x, $y] = $filling->at(100_000.0 * $share, 48_000);
            self::assertEqualsWithDelta(100_000.0 * $share, $x, 1e-6);
            self::assertEqualsWithDelta(48_000 + 20_000 * $height + 1_000 + 4_000 * $share, $y, 1e-4);
            self::assertSame(-2_000.0, \round($filling->at(100_000.0 * $share, -2_000)[1], 6));
        }
    }

    /** Smaller than the room that is left to its edge, a form cannot be filled; the rest of the design is made all the same. */
    public function testAFormWithNoRoomLeftIsSaid(): void
    {
        $form = ['id' => 'plate', 'kind' => 'heart', 'film' => 'ink', 'width' => 60_000, 'height' => 60_000, 'across' => 0, 'down' => 90_000];
        $fills = ['top' => ['shape' => 'form'], 'bottom' => ['shape' => 'form'], 'form' => 'plate', 'inset' => 2_000];
        $part = static fn (int $inset, int $size): Part => Designs::plan([
            'lines.0.font' => 'anton',
            'lines.0.fills' => [...$fills, 'inset' => $inset],
            'forms' => [['width' => $size, 'height' => $size] + $form],
        ])->composition->parts[0];
        self::assertNull($part(2_000, 60_000)->failure);
        foreach ([[40_000, 60_000], [2_000, 1_000]] as [$inset, $size]) {
            self::assertStringContainsString('form', (string) $part($inset, $size)->failure);
            self::assertTrue($part($inset, $size)->region->isEmpty());
        }
    }

    public function testAPullMovesThePeakAndKeepsTheEnds(): void
    {
        $edge = Defaults::of(Edge::class, 'edge', ['shape' => EdgeShape::Arched, 'rise' => 20_000, 'pull' => 50]);
        self::assertEqualsWithDelta(20_000, $edge->at(0.7), 1e-6);
        self::assertSame([0.0, 0.0], [\round($edge->at(0.0), 6), \round($edge->at(1.0), 6)]);
        self::assertLessThan(20_000, $edge->at(0.69));
        self::assertLessThan(20_000, $edge->at(0.71));
    }

    /** Letters keep their looks: where the line is twice as tall, they are twice as wide. */
    public function testWidthsGoByHeights(): void
    {
        $fills = Defaults::of(Fills::class, 'fills', ['top' => ['right' => 50_000]]);
        $filling = Filling::between(100_000, 0, 50_000, new ShapedBorders($fills, 100_000, 0, 50_000), true);
        $widthAt = static fn (float $x): float => $filling->at($x + 50, 0)[0] - $filling->at($x - 50, 0)[0];
        self::assertEqualsWithDelta(2.0, $widthAt(99_900) / $widthAt(100), 0.02);
        self::assertEqualsWithDelta(100_000, $filling->at(100_000, 0)[0], 1e-6);
        // At any place the width is to the height as everywhere else.
        $ratio = static fn (float $x): float => $widthAt($x) / ($filling->at($x, 50_000)[1] - $filling->at($x, 0)[1]);
        self::assertEqualsWithDelta($ratio(20_000), $ratio(80_000), 0.01 * $ratio(20_000));
    }

    public function testAFilledRibbonIsFilledToItsEdgesAndNowhereBeyond(): void
    {
        $form = [
            'id' => 'ribbon',
            'kind' => 'ribbon',
            'film' => 'ink',
            'width' => 200_000,
            'height' => 60_000,
            'depth' => 40,
            'across' => 8_000,
            'down' => 110_000,
            'guide' => true,
        ];
        $fills = ['top' => ['shape' => 'form'], 'bottom' => ['shape' => 'form'], 'form' => 'ribbon', 'inset' => 5_000];
        $plan = Designs::plan(['forms' => [$form], 'lines.0.font' => 'anton', 'lines.0.words' => 'HARBOUR', 'lines.0.fills' => $fills]);
        [$words, $ribbon] = $plan->composition->parts;
        self::assertTrue($ribbon->guide);
        $inside = $ribbon->region->offset(-5_000);
        // Straight pieces between the form's corners are the map's own edges: 5 µm for them, 5 for the outlines.
        self::assertTrue($words->region->subtract($inside->offset(12))->isEmpty());
        self::assertFalse($words->region->subtract($inside->offset(-40))->isEmpty(), 'it reaches the edges');
        self::assertSame([], $plan->snags);
        // A guide is neither worn nor cut.
        self::assertEqualsWithDelta(Geos::area(Geos::wkt($words->region)), $plan->cutPlan->sheets[0]->region->area(), 1e4);
        self::assertSame($words->ink?->width(), $plan->composition->ink()?->width());
    }

    public function testEdgesAndAPathGoTogether(): void
    {
        $ring = ['path' => 'ring', 'letters' => 'bent', 'ring' => ['radius' => 60_000, 'down' => 120_000]];
        $arched = ['top' => ['shape' => 'arched', 'rise' => 12_000]];
        $part = self::part([
            'lines.0.font' => 'anton',
            'lines.0.words' => 'HHHHHHH',
            'lines.0.size' => ['by' => 'letter', 'length' => 15_000],
            'lines.0.follows' => $ring,
            'lines.0.fills' => $arched,
        ]);
        $highest = \array_map(
            static fn (array $point): float => \hypot($point[0], $point[1] + 120_000),
            \array_chunk(\array_merge(...$part->region->rings()), 2),
        );
        self::assertEqualsWithDelta(60_000 + 15_000 + 12_000, \max(0, ...$highest), 30, 'the middle rises over the ring');
        self::assertEqualsWithDelta(60_000, \min(\INF, ...$highest), 8);
    }

    /** @return iterable<string, array{FormKind}> */
    public static function kinds(): iterable
    {
        foreach (FormKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function testFormsHaveTheirRealWidthAndHeightInTheirPlace(FormKind $kind): void
    {
        $region = FormOutline::region(Defaults::of(
            Form::class,
            'form',
            [
                'id' => 'form',
                'film' => 'ink',
                'shape' => ['kind' => $kind, 'corner' => 6_000, 'band' => 9_000, 'count' => 7, 'depth' => 40],
                'size' => ['width' => 90_000, 'height' => 70_000],
                'place' => ['across' => 3_000, 'down' => 50_000],
            ],
        ));
        $box = $region->bounds();
        self::assertNotNull($box);
        self::assertSame([90_000, 70_000], [$box->width(), $box->height()]);
        self::assertSame([-42_000, -85_000], [$box->left, $box->bottom]);
        $area = match ($kind) {
            FormKind::Circle => \M_PI * 45_000 * 35_000,
            FormKind::Ring => \M_PI * (45_000 * 35_000 - 36_000 * 26_000),
            FormKind::Rectangle => 90_000 * 70_000 - (4 - \M_PI) * 6_000 ** 2,
            FormKind::Label => 90_000 * 70_000 - \M_PI * 6_000 ** 2,
            default => null,
        };
        if (null !== $area) {
            self::assertEqualsWithDelta($area, $region->area(), 2e-4 * $area);
        }
        self::assertSame(FormKind::Ring === $kind ? 2 : 1, \count($region->rings()));
    }

    /** @param array<string, mixed> $changes */
    private static function part(array $changes): Part
    {
        return Designs::plan($changes)->composition->parts[0];
    }
}
