<?php

declare(strict_types=1);

namespace Uvret\Tests\Design;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Design\Fabric;
use Uvret\Design\Film;
use Uvret\Design\FilmPress;
use Uvret\Design\Finish;
use Uvret\Design\KeepOff;
use Uvret\Design\KeepOffKind;
use Uvret\Design\Stretch;
use Uvret\Design\Surface;
use Uvret\Design\Unsuited;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Geos;

final class KeepOffTest extends TestCase
{
    /** @return iterable<string, array{list<int>, bool, string}> points, whether they are a shape's corners, the same as well-known text */
    public static function places(): iterable
    {
        yield 'a point' => [[3_000, -4_000], false, 'POINT (3000 -4000)'];
        yield 'a line' => [[-9_000, 500, 8_000, 7_000, 8_000, -30_000], false, 'LINESTRING (-9000 500, 8000 7000, 8000 -30000)'];
        yield 'a shape' => [[0, 0, 9_000, 0, 5_000, 8_000], true, 'POLYGON ((0 0, 9000 0, 5000 8000, 0 0))'];
    }

    /** @param list<int> $points */
    #[DataProvider('places')]
    public function testItIsAsFarFromInkAsGeosSays(array $points, bool $closed, string $wkt): void
    {
        $place = new KeepOff('id', KeepOffKind::Seam, 'seam', $points, $closed, 0);
        foreach ([[20_000, 3_000], [-30_000, -12_345], [2_000, 40_000]] as [$x, $y]) {
            $ink = Region::fromRings([[$x, $y, $x + 3_000, $y, $x + 3_000, $y + 2_000, $x, $y + 2_000]]);
            $square = \sprintf('POLYGON ((%1$d %2$d, %3$d %2$d, %3$d %4$d, %1$d %4$d, %1$d %2$d))', $x, $y, $x + 3_000, $y + 2_000);
            $expected = (float) Geos::result('distance', $wkt, $square);
            self::assertEqualsWithDelta($expected, $ink->distanceTo($place->region()), 10.0);
            self::assertEqualsWithDelta($expected, $ink->transform(Affine::move(700, 900))->distanceTo($place->region(700, 900)), 10.0);
            self::assertTrue($place->bounds(700, 900)->holds($place->region(700, 900)->bounds() ?? throw new \LogicException('It takes up room.')));
            self::assertTrue($place->region()->bounds()?->grown(5)->holds($place->bounds()), 'no more than its line is wide');
        }
    }

    /** @return iterable<string, array{Fabric, Finish, bool, bool, Unsuited|null}> */
    public static function pairs(): iterable
    {
        $fabric = static fn (int $highest = 190, Stretch $stretch = Stretch::None, Surface $surface = Surface::Cloth): Fabric => new Fabric(
            'Ash',
            '#B9B7B2',
            $highest,
            $stretch,
            false,
            $surface,
        );
        yield 'nothing special' => [$fabric(), Finish::Glitter, false, false, null];
        yield 'just cool enough' => [$fabric(150), Finish::Glitter, false, false, null];
        yield 'too hot' => [$fabric(149), Finish::Glitter, false, false, Unsuited::TooHot];
        yield 'stretches some, smooth' => [$fabric(190, Stretch::Some), Finish::Smooth, false, false, null];
        yield 'stretches some, flock' => [$fabric(190, Stretch::Some), Finish::Flock, false, false, Unsuited::DoesNotStretch];
        yield 'stretches much, smooth' => [$fabric(190, Stretch::Much), Finish::Smooth, false, false, Unsuited::DoesNotStretch];
        yield 'stretches much, stretch' => [$fabric(190, Stretch::Much), Finish::Stretch, false, false, null];
        yield 'coated' => [$fabric(190, Stretch::None, Surface::Coated), Finish::Smooth, false, false, Unsuited::SlipsOffCoating];
        yield 'coated, film for it' => [$fabric(190, Stretch::None, Surface::Coated), Finish::Smooth, false, true, null];
        yield 'hard, hot film' => [$fabric(190, Stretch::None, Surface::Hard), Finish::Smooth, false, false, Unsuited::NeedsHeat];
        yield 'hard, cold film' => [$fabric(60, Stretch::None, Surface::Hard), Finish::Smooth, true, false, null];
        yield 'cloth, cold film' => [$fabric(), Finish::Smooth, true, false, Unsuited::NeedsHardGround];
    }

    #[DataProvider('pairs')]
    public function testAFilmSuitsAFabricOrItIsSaidWhyNot(Fabric $fabric, Finish $finish, bool $cold, bool $coated, ?Unsuited $why): void
    {
        $film = new Film('f', 'Film', '#000000', $finish, 500_000, 90, true, true, true, $cold, $coated);
        self::assertSame($why, Unsuited::why($film, FilmPress::usual($finish), $fabric));
    }
}
