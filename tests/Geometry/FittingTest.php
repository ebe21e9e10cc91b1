<?php

declare(strict_types=1);

namespace Uvret\Tests\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Fitting;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Curve\Path;
use Uvret\Geometry\Curve\SourceCurves;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Letters;

final class FittingTest extends TestCase
{
    #[DataProvider('scripts')]
    public function testScriptTakesAnEighthOfTheNodesWithinTenMicrometres(string $font, string $words, int $height, bool $withSources): void
    {
        $region = Region::fromRings(Letters::rings($font, $words, $height));
        $path = (new Fitting(sources: $withSources ? self::sources($font, $words, $height) : null))->path($region);

        self::assertLessThan($region->vertexCount() / 8, Fitting::nodes($path));
        self::assertNearRings($region, $path);
    }

    /** @return iterable<string, array{string, string, int, bool}> */
    public static function scripts(): iterable
    {
        yield 'Lobster' => ['lobster', 'Tern Point', 60000, false];
        yield 'Lobster with its own curves' => ['lobster', 'Tern Point', 60000, true];
        yield 'Yellowtail' => ['yellowtail', 'Saltmarsh', 25000, false];
        yield 'Great Vibes' => ['great-vibes', 'Regatta', 60000, false];
        yield 'Sacramento, small' => ['sacramento', 'finish', 12000, false];
    }

    public function testStraightEdgesAndCornersStay(): void
    {
        $block = Region::fromRings(Letters::rings('graduate', 'HEW', 40000));
        $path = (new Fitting())->path($block);
        self::assertSame($block->vertexCount(), Fitting::nodes($path));
        foreach ($path->contours as $number => $contour) {
            $ring = $block->rings()[$number];
            for ($i = 0; $i < \count($contour) - 2; $i += 6) {
                self::assertContains([(int) $contour[$i], (int) $contour[$i + 1]], \array_chunk($ring, 2));
                // Both control points lie on the line.
                self::assertEqualsWithDelta(
                    0,
                    ($contour[$i + 2] - $contour[$i]) * ($contour[$i + 7] - $contour[$i + 1])
                        - ($contour[$i + 3] - $contour[$i + 1]) * ($contour[$i + 6] - $contour[$i]),
                    1,
                );
            }
        }
    }

    public function testSourceCurvesComeBack(): void
    {
        $circle = (new \Uvret\Geometry\Curve\PathBuilder())->moveTo(10000, 0)
            ->cubicTo(10000, 5523, 5523, 10000, 0, 10000)->cubicTo(-5523, 10000, -10000, 5523, -10000, 0)
            ->cubicTo(-10000, -5523, -5523, -10000, 0, -10000)->cubicTo(5523, -10000, 10000, -5523, 10000, 0)->path();
        $sources = new SourceCurves();
        $sources->add($circle, Affine::identity());
        $region = Region::fromRings(Flattening::rings($circle, Affine::identity()));
        $path = (new Fitting(sources: $sources))->path($region);
        self::assertSame(4, Fitting::nodes($path));
        // A cut through it keeps the two upper quarters, to the cut.
        $half = $region->subtract(Region::fromRings([[-20000, -20000, 20000, -20000, 20000, 3, -20000, 3]]));
        $cut = (new Fitting(sources: $sources))->path($half);
        self::assertLessThanOrEqual(6, Fitting::nodes($cut));
        self::assertNearRings($half, $cut);
    }

    /** Both ways: no point of the path far from the rings, no point of the rings far from the path. */
    private static function assertNearRings(Region $region, Path $path): void
    {
        $fine = [];
        foreach ($path->contours as $contour) {
            $ring = [];
            for ($i = 0; $i < \count($contour) - 2; $i += 6) {
                for ($k = 0; $k < 60; ++$k) {
                    $ring[] = (int) \round(Path::at($contour[$i], $contour[$i + 2], $contour[$i + 4], $contour[$i + 6], $k / 60));
                    $ring[] = (int) \round(Path::at($contour[$i + 1], $contour[$i + 3], $contour[$i + 5], $contour[$i + 7], $k / 60));
                }
            }
            $fine[] = $ring;
        }
        self::assertLessThanOrEqual(Fitting::TOLERANCE + 1, self::farthest($fine, $region->rings()));
        self::assertLessThanOrEqual(Fitting::TOLERANCE + 1, self::farthest($region->rings(), $fine));
    }

    /**
     * @param list<list<int>> $points
     * @param list<list<int>> $rings
     */
    private static function farthest(array $points, array $rings): float
    {
        $tree = \Uvret\Geometry\Measure\BoxTree::of($rings);
        $farthest = 0.0;
        foreach ($points as $ring) {
            foreach (\array_chunk($ring, 2) as [$x, $y]) {
                $farthest = \max($farthest, $tree->distance($x, $y));
            }
        }

        return $farthest;
    }

    private static function sources(string $id, string $words, int $height): SourceCurves
    {
        $font = Letters::font($id);
        $sources = new SourceCurves();
        foreach ($font->shape($words)->glyphs as $glyph) {
            $sources->add($font->outline($glyph->glyph), Affine::move($glyph->x, $glyph->y)->then(Affine::scale($height / $font->letterHeight())));
        }

        return $sources;
    }
}
