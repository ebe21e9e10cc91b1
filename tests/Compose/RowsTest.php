<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Part;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Snags\SnagKind;
use Uvret\Tests\Support\Designs;

/** Lines of several rows, and of a width and a height. */
final class RowsTest extends TestCase
{
    private const H = 20_000;

    /** @return iterable<string, array{string, float}> */
    public static function alignments(): iterable
    {
        yield 'left' => ['left', 0.0];
        yield 'centre' => ['centre', 0.5];
        yield 'right' => ['right', 1.0];
    }

    #[DataProvider('alignments')]
    public function testRowsAreTheSameLettersUnderOneAnother(string $align, float $share): void
    {
        $rows = ['TERN', 'POINT', 'A'];
        $alone = \array_map(static fn (string $words): Region => self::part(['words' => $words])->region, $rows);
        $width = \max(\array_map(static fn (Region $row): int => $row->bounds()?->width() ?? 0, $alone));
        $made = self::part(['words' => \implode("\n", $rows), 'align' => $align, 'rows' => ['spacing' => 150]]);
        $box = $made->region->bounds();
        self::assertNotNull($box);
        self::assertEqualsWithDelta($width, $made->width, 1.0);
        self::assertSame(self::H, $made->letterHeight);
        $expected = [];
        foreach ($alone as $number => $row) {
            $own = $row->bounds();
            self::assertNotNull($own);
            $baseline = $box->top - self::overH('TERN') - self::H - $number * 1.5 * self::H;
            $expected[] = $row->transform(Affine::move(
                $box->left - $own->left + $share * ($width - $own->width()),
                $baseline - ($own->bottom + self::below($rows[$number])),
            ));
        }
        self::assertAlike(Region::empty()->union(...$expected), $made->region);
    }

    public function testRowsAsWideAsTheWidest(): void
    {
        $words = "ROWING CLUB\nTERN\nPOINT";
        $own = self::rowsOf(self::part(['words' => $words]), 3);
        $bySize = self::rowsOf(self::part(['words' => $words, 'rows' => ['widths' => 'by size']]), 3);
        $bySpacing = self::rowsOf(self::part(['words' => $words, 'rows' => ['widths' => 'by spacing']]), 3);
        $widest = $own[0]->width();
        foreach ([0, 1, 2] as $row) {
            self::assertEqualsWithDelta($widest, $bySize[$row]->width(), 2.0);
            self::assertEqualsWithDelta($widest, $bySpacing[$row]->width(), 2.0);
            self::assertEqualsWithDelta($own[$row]->height(), $bySpacing[$row]->height(), 1.0, 'letters stay as large');
            // Letters grow as much as their row, and what lies between the rows stays.
            self::assertEqualsWithDelta($own[$row]->height() * $widest / $own[$row]->width(), $bySize[$row]->height(), 2.0);
            if ($row > 0) {
                self::assertLessThan($widest, $own[$row]->width());
                self::assertEqualsWithDelta(0.4 * self::H, $bySize[$row - 1]->bottom - $bySize[$row]->top, 0.08 * self::H);
            }
        }
    }

    public function testSizesAreThoseOfAllRowsTogether(): void
    {
        foreach ([['by' => 'width', 'length' => 150_000], ['by' => 'height', 'length' => 70_000]] as $size) {
            $part = self::part(['words' => "TERN\nPOINT", 'size' => $size]);
            self::assertEqualsWithDelta($size['length'], 'width' === $size['by'] ? $part->width : $part->height, 1.0);
        }
        $fitted = self::part(['words' => "TERN\nPOINT\nROWING", 'size' => ['by' => 'area', 'length' => 10_000]]);
        self::assertEqualsWithDelta(220_000, $fitted->height, 2.0, 'the area is 240 mm high');
    }

    public function testALetterOfALaterRowIsFoundByItsPlaceInTheWords(): void
    {
        $plan = Designs::plan([
            'films' => [Designs::FILM, ['id' => 'buoy', 'name' => 'Buoy'] + Designs::FILM],
            'lines.0' => self::line(['words' => "AB\nAB", 'letters' => [['at' => 3, 'film' => 'buoy']]]),
        ]);
        $buoy = $plan->separation->layer('buoy')?->region->bounds();
        $ink = $plan->composition->ink();
        self::assertNotNull($buoy);
        self::assertSame([$ink?->left, $ink?->bottom], [$buoy->left, $buoy->bottom], 'the A of the second row');
        self::assertLessThan(0.5 * ($ink?->height() ?? 0), $buoy->height());
    }

    public function testRowsOfAScriptNeedNotJoinEachOther(): void
    {
        $plan = Designs::plan(['lines.0' => self::line(['words' => "Ottilie\nOttilie", 'font' => 'lobster'])]);
        self::assertNotContains(SnagKind::LooseLetters, \array_column($plan->snags, 'kind'));
        self::assertNotContains(SnagKind::MissingLetter, \array_column($plan->snags, 'kind'));
    }

    public function testRowsAreBentAsOne(): void
    {
        $arc = ['path' => 'arc', 'letters' => 'bent', 'arc' => ['by' => 'radius', 'radius' => 100_000, 'bows' => 'up']];
        $part = self::part(['words' => "TERN\nTERN", 'follows' => $arc]);
        $radii = [];
        foreach ($part->region->pieces() as $piece) {
            $circle = $part->handles->circle ?? self::fail('There is no circle.');
            foreach (\array_chunk($piece->rings()[0], 2) as [$x, $y]) {
                $radii[] = \hypot($x - $circle[0], $y - $circle[1]);
            }
        }
        // The baseline of the last row lies on the circle, the rows on circles about the same centre.
        \assert([] !== $radii);
        self::assertEqualsWithDelta(100_000, \min($radii), 60.0);
        self::assertEqualsWithDelta(100_000 + 2.4 * self::H, \max($radii), 300.0);
        self::assertEqualsWithDelta(0, \count(\array_filter($radii, static fn (float $radius): bool => $radius > 121_000 && $radius < 127_000)), 0);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function settings(): iterable
    {
        yield 'straight' => [[]];
        yield 'of two rows' => [['rows' => ['spacing' => 120]]];
        yield 'on an arc' => [['follows' => ['path' => 'arc', 'letters' => 'bent', 'arc' => ['by' => 'rise', 'rise' => 15_000, 'bows' => 'up']]]];
        yield 'between edges' => [['fills' => ['top' => ['shape' => 'arched', 'rise' => 12_000], 'bottom' => ['shape' => 'level']]]];
        yield 'with heavier strokes' => [['heft' => 700]];
    }

    /** @param array<string, mixed> $settings */
    #[DataProvider('settings')]
    public function testAWidthAndAHeightStayWhenTheWordsChange(array $settings): void
    {
        foreach (['TERN', 'Ottilie', 'ROWING'] as $words) {
            $words = isset($settings['rows']) ? "$words\nclub" : $words;
            $part = self::part($settings + ['words' => $words, 'size' => ['by' => 'both', 'length' => 200_000, 'high' => 60_000]]);
            self::assertEqualsWithDelta(200_000, $part->region->bounds()?->width(), 15.0, $words);
            self::assertEqualsWithDelta(60_000, $part->region->bounds()?->height(), 15.0, $words);
        }
    }

    /** @param array<string, mixed> $settings */
    private static function part(array $settings): Part
    {
        return Designs::plan(['lines.0' => self::line($settings)])->composition->parts[0];
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @return array<string, mixed>
     */
    private static function line(array $settings): array
    {
        return $settings + ['id' => 'line', 'font' => 'anton', 'film' => 'ink', 'size' => ['by' => 'letter', 'length' => self::H]];
    }

    /** How far the ink of a row goes above the height of the letter H. */
    private static function overH(string $words): int
    {
        return (self::part(['words' => $words])->region->bounds()?->height() ?? 0) - self::H - self::below($words);
    }

    /** How far the ink of a row goes below its baseline: measured beside an H, whose foot is on it. */
    private static function below(string $words): int
    {
        $beside = self::part(['words' => "H$words"])->region;
        $left = $beside->bounds()->left ?? 0;
        $foot = $beside->intersect(Region::fromRings([[$left, -1_000_000, $left + 2_000, -1_000_000, $left + 2_000, 1_000_000, $left, 1_000_000]]));

        return ($foot->bounds()->bottom ?? 0) - ($beside->bounds()->bottom ?? 0);
    }

    /** @return list<\Uvret\Geometry\Box> the ink of rows that lie apart, the top one first */
    private static function rowsOf(Part $part, int $count): array
    {
        /** @var list<\Uvret\Geometry\Box> $rows */
        $rows = [];
        $pieces = $part->region->pieces();
        \usort($pieces, static fn (Region $a, Region $b): int => ($b->bounds()->top ?? 0) <=> ($a->bounds()->top ?? 0));
        foreach ($pieces as $piece) {
            $box = $piece->bounds();
            $last = \array_pop($rows);
            if (null !== $box && null !== $last && $last->bottom < $box->top) {
                $rows[] = $last->joined($box);
            } else {
                \array_push($rows, ...\array_filter([$last, $box]));
            }
        }
        self::assertCount($count, $rows);

        return $rows;
    }

    private static function assertAlike(Region $expected, Region $made): void
    {
        self::assertLessThan(2 * $expected->perimeter(), $expected->exclusive($made)->area());
    }
}
