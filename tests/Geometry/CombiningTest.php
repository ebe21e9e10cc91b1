<?php

declare(strict_types=1);

namespace Uvret\Tests\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Geos;

/** Pieces that have nothing to do with one another stay out of an overlay: nothing may come of that but speed. */
final class CombiningTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 12; ++$seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testScatteredPiecesAreCombinedLikeAnyOthers(int $seed): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        [$a, $b, $c] = [self::scattered($random), self::scattered($random), self::scattered($random)];
        // All rings at once are one overlay; what is put together piece by piece must be the same list.
        self::assertSame(Region::fromRings([...$a->rings(), ...$b->rings()])->rings(), $a->union($b)->rings());
        self::assertSame(Region::fromRings([...$a->rings(), ...$b->rings(), ...$c->rings()])->rings(), $a->union($b, $c)->rings());
        self::assertSame($a->union($b)->union($c)->rings(), $c->union($a, $b)->rings());
        foreach (['intersection' => $a->intersect($b), 'difference' => $a->subtract($b), 'symDifference' => $a->exclusive($b)] as $operation => $result) {
            self::assertLessThan(1.0, Geos::difference(Geos::result($operation, Geos::wkt($a), Geos::wkt($b)), Geos::wkt($result)), $operation);
            self::assertTrue(Geos::isValid(Geos::wkt($result)));
            // The rings of equal sets are equal lists.
            self::assertSame(Region::fromRings($result->rings())->rings(), $result->rings(), $operation);
        }
        self::assertSame($a->subtract($b->union($c))->rings(), $a->subtract($b, $c)->rings());
        // Both at once are what each is by itself.
        [$common, $rest] = $a->parted($b);
        self::assertSame([$a->intersect($b)->rings(), $a->subtract($b)->rings()], [$common->rings(), $rest->rings()]);
        self::assertSame($a->rings(), $a->subtract($a->transform(Affine::move(9_000_000, 0)))->rings());
    }

    public function testNothingIsLeftAsItIs(): void
    {
        $box = (new Box(0, 0, 10_000, 10_000))->toRegion();
        foreach ([[Region::empty(), $box], [$box, Region::empty()]] as [$first, $second]) {
            self::assertSame($box->rings(), $first->union($second)->rings());
            self::assertSame($box->rings(), $first->exclusive($second)->rings());
            self::assertSame([], $first->intersect($second)->rings());
            self::assertSame($first->rings(), $first->subtract($second)->rings());
            self::assertSame([[], $first->rings()], \array_map(static fn (Region $part): array => $part->rings(), $first->parted($second)));
        }
    }

    public function testWhatOnlyTouchesIsJoined(): void
    {
        $left = (new Box(0, 0, 10_000, 10_000))->toRegion();
        foreach ([0, 1, 2, 3, 4, 5, 6] as $gap) {
            $right = (new Box(10_000 + $gap, 0, 20_000, 10_000))->toRegion();
            self::assertCount(0 === $gap ? 1 : 2, $left->union($right)->pieces(), "$gap µm apart");
            self::assertSame(0 === $gap ? 1 : 2, \count(Region::fromRings([...$left->rings(), ...$right->rings()])->pieces()));
        }
    }

    /** Boxes with holes and islands on whole hundredths, some over one another, some far away. */
    private static function scattered(\Random\Randomizer $random): Region
    {
        $pieces = [];
        for ($number = $random->getInt(4, 14); $number > 0; --$number) {
            [$x, $y] = [100 * $random->getInt(0, 900), 100 * $random->getInt(0, 900)];
            [$width, $height] = [100 * $random->getInt(20, 250), 100 * $random->getInt(20, 250)];
            $box = (new Box($x, $y, $x + $width, $y + $height))->toRegion();
            $hole = (new Box($x + 500, $y + 500, $x + \max(600, $width - 500), $y + \max(600, $height - 500)))->toRegion();
            $island = (new Box($x + 900, $y + 900, $x + \max(1_000, $width - 900), $y + \max(1_000, $height - 900)))->toRegion();
            $pieces[] = 0 === $number % 3 ? $box->subtract($hole)->union($island) : $box;
        }

        return Region::empty()->union(...$pieces);
    }
}
