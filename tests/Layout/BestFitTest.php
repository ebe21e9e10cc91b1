<?php

declare(strict_types=1);

namespace Uvret\Tests\Layout;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Uvret\Geometry\Box;
use Uvret\Layout\Nest\BestFit;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Stock;

/** Rectangles on a roll. */
final class BestFitTest extends TestCase
{
    /** @return iterable<string, array{int, int, int, list<int>}> seed, gap, edge, turns */
    public static function sets(): iterable
    {
        yield 'edge to edge' => [1, 0, 0, [0, 90]];
        yield 'with a gap' => [2, 2_500, 0, [0, 90, 180, 270]];
        yield 'between unusable edges' => [3, 0, 12_000, [0, 90]];
        yield 'with both, not turned' => [4, 1_000, 7_000, [0, 180]];
    }

    /** @param list<int> $turns */
    #[DataProvider('sets')]
    public function testEachLiesOnceOnTheFilmApartFromTheOthers(int $seed, int $gap, int $edge, array $turns): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $pieces = \array_map(static fn (): Piece => self::piece($random->getInt(15, 120), $random->getInt(15, 120), $turns), \range(1, 40));
        $roll = Stock::roll('roll', 320_000, edge: $edge);
        $fit = BestFit::of($pieces, $roll, $gap, $random);
        self::assertNotNull($fit);
        $lengths = [];
        for ($step = 0; $step < 4; ++$step) {
            $nested = $fit->step();
            if (null === $nested) {
                continue;
            }
            self::assertSame([], $nested->faults($gap));
            $laid = \array_map(static fn (Place $place): int => \spl_object_id($place->piece), $nested->places);
            self::assertEqualsCanonicalizing(\array_map(\spl_object_id(...), $pieces), $laid);
            $lengths[] = $nested->length;
        }
        self::assertNotSame([], $lengths);
        $sorted = $lengths;
        \rsort($sorted);
        self::assertSame($sorted, $lengths, 'each is shorter than the ones before');
        $area = \array_sum(\array_map(static fn (Piece $piece): float => $piece->frame->area(), $pieces));
        self::assertGreaterThan(0.8, $area / \min([\PHP_INT_MAX, ...$lengths]) / (320_000 - 2 * $edge), 'and little is wasted');
    }

    public function testRectanglesOfARectangleFillIt(): void
    {
        $sizes = [[120, 80], [80, 80], [60, 50], [140, 50], [200, 20]];
        $pieces = \array_map(static fn (array $size): Piece => self::piece($size[0], $size[1], [0, 90]), $sizes);
        $fit = BestFit::of($pieces, Stock::roll('roll', 200_000), 0, new Randomizer(new Mt19937(1)));
        self::assertSame(150_000, $fit?->step()?->length);
        self::assertNull($fit->step(), 'nothing is shorter');
    }

    public function testWhatItCannotDoIsLeftToOthers(): void
    {
        $roll = Stock::roll('roll', 100_000);
        $random = new Randomizer(new Mt19937(1));
        $ring = (new Box(0, 0, 50_000, 50_000))->toRegion()->subtract((new Box(9_000, 9_000, 40_000, 40_000))->toRegion());
        self::assertNull(BestFit::of([self::piece(20, 20, [0]), Piece::of($ring)], $roll, 0, $random));
        self::assertNull(BestFit::of([self::piece(20, 20, [0, 45])], $roll, 0, $random));
        // Wider than the film, and longer than what is left of it.
        self::assertNull(BestFit::of([self::piece(120, 20, [0])], $roll, 0, $random)?->step());
        self::assertNotNull(BestFit::of([self::piece(120, 20, [0, 90])], $roll, 0, $random)?->step());
        self::assertNull(BestFit::of([self::piece(90, 20, [0]), self::piece(90, 30, [0])], Stock::roll('roll', 100_000, 49_000), 0, $random)?->step());
        self::assertNotNull(BestFit::of([self::piece(90, 20, [0]), self::piece(90, 30, [0])], Stock::roll('roll', 100_000, 50_000), 0, $random)?->step());
    }

    /** @param list<int> $turns */
    private static function piece(int $width, int $height, array $turns): Piece
    {
        return Piece::of((new Box(0, 0, 1_000 * $width, 1_000 * $height))->toRegion(), $turns);
    }
}
