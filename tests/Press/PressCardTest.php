<?php

declare(strict_types=1);

namespace Uvret\Tests\Press;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Plan\Plan;
use Uvret\Press\Platen;
use Uvret\Press\PressCard;
use Uvret\Press\Presses;
use Uvret\Press\PressNotes;
use Uvret\Press\PressPicture;
use Uvret\Press\PressPlanner;
use Uvret\Press\PressRow;
use Uvret\Tests\Support\Designs;

final class PressCardTest extends TestCase
{
    /** @return iterable<string, array{int, bool, int}> rows, whether the paper is letter, pages */
    public static function lists(): iterable
    {
        yield 'nobody' => [0, false, 1];
        yield 'one page' => [26, false, 1];
        yield 'one more' => [27, false, 2];
        yield 'two full pages' => [118, false, 2];
        yield 'three pages' => [119, false, 3];
        yield 'letter' => [118, true, 2];
    }

    #[DataProvider('lists')]
    public function testEverybodyIsOnAPageOnceAndNothingRunsOffIt(int $count, bool $letter, int $expected): void
    {
        $rows = [];
        for ($row = 1; $row <= $count; ++$row) {
            $rows[] = new PressRow("Rower$row", 'XXL', ['ink' => [$row], 'sunup' => [$row]], 1 === $row);
        }
        $pages = self::pages(self::plan(), $rows, $letter);
        self::assertCount($expected, $pages);
        [$width, $height] = $letter ? [216, 279] : [210, 297];
        $names = [];
        foreach ($pages as $page) {
            self::assertStringContainsString("width=\"{$width}mm\" height=\"{$height}mm\"", $page);
            $last = ['left' => 0.0, 'right' => 0.0];
            foreach (self::texts($page) as [$x, $y, $size, $anchor, $text]) {
                self::assertGreaterThanOrEqual(13.9, $x, $text);
                self::assertLessThanOrEqual($width - 13.9, $x, $text);
                self::assertLessThanOrEqual($height - 9.0, $y, $text);
                self::assertGreaterThanOrEqual(1.8, $size, $text);
                if (\str_starts_with($text, 'Rower')) {
                    $names[] = $text;
                    $side = $x < $width / 2 ? 'left' : 'right';
                    self::assertGreaterThan($size, $y - $last[$side], 'rows do not run into one another');
                    $last[$side] = $y;
                    // A name ends before the numbers begin.
                    self::assertLessThan($width / 2 - 20, 0.62 * $size * \mb_strlen($text));
                }
            }
        }
        self::assertSame(\array_map(static fn (PressRow $row): string => "$row->name · XXL", $rows), $names);
        self::assertSame($count > 0 ? 1 : 0, \substr_count(\implode('', $pages), 'fill="#4F7355"'), 'one is pressed');
    }

    public function testStepsStandBelowOneAnother(): void
    {
        $last = 30.0;
        $seen = 0;
        foreach (self::texts(self::pages(self::plan(), [])[0]) as [, $y, $size, , $text]) {
            if (\str_ends_with($text, '°C')) {
                self::assertGreaterThan(2 * $size, $y - $last);
                $last = $y;
                ++$seen;
            }
        }
        self::assertSame(4, $seen);
    }

    public function testNumbersAreOneWhereFilmsAgreeAndByFilmElsewhere(): void
    {
        $rows = [
            new PressRow('Both', '', ['ink' => [7], 'sunup' => [7]]),
            new PressRow('Other', '', ['ink' => [7], 'sunup' => [9]]),
            new PressRow('None', '', []),
            new PressRow('Two', '', ['' => [4, 5]]),
        ];
        $texts = \array_column(self::texts(self::pages(self::plan(), $rows)[0]), 4);
        foreach ([['Both', '7'], ['Other', 'Harbour ink 7 · Sun-up 9'], ['None', 'not cut yet'], ['Two', '4, 5']] as [$name, $number]) {
            self::assertSame($number, $texts[(int) \array_search($name, $texts, true) + 1]);
        }
        self::assertContains('3 pieces · due 4 June', $texts);
        self::assertContains('150 °C', $texts);
        self::assertContains('12 s', $texts);
    }

    public function testStepsStandOneBelowAnotherWithWhatIsSet(): void
    {
        $small = new PressPlanner(presses: Presses::of(20_000, new Platen('small', 120_000, 120_000)));
        $plan = self::plan();
        $hot = self::texts((new PressCard())->pages($small->plan($plan), $plan, new PressNotes('Crew shirts', 'Rowers', '', 1))[0]);
        $said = \array_column($hot, 4);
        self::assertContains('3, 2 s', $said, 'the tack, shorter in the second section');
        self::assertContains('5, 3 s', $said);
        self::assertContains('12 s', $said, 'the full pressing is as long in each');
        $glass = self::plan([
            'blank.drawing' => 'board',
            'blank.fabric.surface' => 'hard',
            'films.0.applied' => 'cold',
            'films.1' => ['id' => 'sunup', 'name' => 'Sun-up', 'colour' => '#F5C242', 'applied' => 'cold'] + Designs::FILM,
        ]);
        $cold = self::texts((new PressCard())->pages((new PressPlanner())->plan($glass), $glass, new PressNotes('Sign', 'Rowers', '', 1))[0]);
        self::assertStringNotContainsString('°C', \implode(' ', \array_column($cold, 4)));
        self::assertContains('Laid on cold, by hand', \array_column($cold, 4));
        foreach ([[$hot, 18.5], [$cold, 12.5]] as [$texts, $apart]) {
            $numbers = \array_values(\array_filter($texts, static fn (array $text): bool => 112.0 === $text[0] && \ctype_digit($text[4])));
            self::assertSame(\range(1, \count($numbers)), \array_map(static fn (array $text): int => (int) $text[4], $numbers));
            foreach (\array_slice($numbers, 1) as $at => $number) {
                self::assertEqualsWithDelta($apart, $number[1] - $numbers[$at][1], 1e-6);
            }
        }
    }

    public function testThePictureShowsThePlatenAndTheDistancesWhereTheyAre(): void
    {
        $plan = self::plan(['lines.0.size' => ['by' => 'width', 'length' => 300_000], 'blank.placement.width' => 320_000]);
        $press = (new PressPlanner(presses: Presses::of(20_000, new Platen('small', 200_000, 200_000))))->plan($plan);
        self::assertGreaterThan(1, \count($press->sections));
        $svg = PressPicture::svg($press, $plan);
        \preg_match_all('/<polygon points="([^"]+)"/', $svg, $polygons);
        foreach ($press->sections as $at => $section) {
            $corners = \array_map(static fn (array $corner): string => $corner[0].','.-$corner[1], $section->corners());
            self::assertSame(\implode(' ', $corners), $polygons[1][$at]);
            self::assertStringContainsString(\sprintf('translate(%d %d)', $section->x, -$section->y), $svg);
        }
        foreach ($press->distances as $distance) {
            self::assertStringContainsString("M{$distance->fromX} ".-$distance->fromY."L{$distance->toX} ".-$distance->toY, $svg);
            self::assertStringContainsString('>'.\intdiv($distance->rounded(false), 1_000).'<', $svg);
        }
        // In inches sixteenths are shown.
        $inches = self::plan(['unit' => 'in']);
        self::assertMatchesRegularExpression('#>\d+( \d+/\d+)?<#', PressPicture::svg((new PressPlanner())->plan($inches), $inches));
    }

    /** @return list<array{float, float, float, string, string}> x, y, size, anchor and text of all texts outside pictures */
    private static function texts(string $page): array
    {
        $page = (string) \preg_replace('#<svg x=.*?</svg>#s', '', $page);
        \preg_match_all('#<text x="([\d.]+)" y="([\d.]+)" font-size="([\d.]+)"[^>]*text-anchor="(\w+)"[^>]*>([^<]*)</text>#', $page, $found, \PREG_SET_ORDER);

        return \array_map(static fn (array $text): array => [
            (float) $text[1], (float) $text[2], (float) $text[3], $text[4], \htmlspecialchars_decode($text[5]),
        ], $found);
    }

    /**
     * @param list<PressRow> $rows
     *
     * @return list<string>
     */
    private static function pages(Plan $plan, array $rows, bool $letter = false): array
    {
        $notes = new PressNotes('Crew shirts', 'Tern Point Rowers', '4 June', 3, $rows, $letter);

        return (new PressCard())->pages((new PressPlanner())->plan($plan), $plan, $notes);
    }

    /** @param array<string, mixed> $more */
    private static function plan(array $more = []): Plan
    {
        return Designs::plan($more + [
            'lines.0.words' => 'ROW THE HARBOUR',
            'films.1' => ['id' => 'sunup', 'name' => 'Sun-up', 'colour' => '#F5C242'] + Designs::FILM,
            'lines.0.film' => 'sunup',
            'lines.0.treatments' => ['outlines' => [['width' => 3_000, 'film' => 'ink']]],
        ]);
    }
}
