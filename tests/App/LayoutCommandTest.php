<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Json;

final class LayoutCommandTest extends KernelTestCase
{
    public function testLayersOfDesignsAreLaidOutAndWrittenSoThatAnyoneCanCheckThem(): void
    {
        $out = (string) \tempnam(\sys_get_temp_dir(), 'layout');
        $folder = Designs::folder();
        $designs = ["$folder/crew-shirt-chest.json*5", "$folder/crew-badge.json*2", "$folder/crew-shirt-sleeve.json"];
        try {
            [$code, $said] = self::layout($designs, [
                '--film' => 'chalk', '--width' => '30 cm', '--gap' => '1mm', '--frames' => 'hug', '--margin' => '5mm', '--seconds' => '0', '--out' => $out,
            ]);
            self::assertSame(0, $code, $said);
            $layout = Json::of((string) \file_get_contents($out));
        } finally {
            \unlink($out);
        }
        $pieces = (array) $layout->get('pieces');
        self::assertCount(8, $pieces);
        self::assertMatchesRegularExpression('/^8 pieces on [\d.]+ mm of film, [\d.]+ % of it covered; as boxes [\d.]+ mm\.$/', \trim($said));
        $copies = $regions = [];
        for ($at = 0; $at < 8; ++$at) {
            $piece = $layout->part("pieces.$at");
            $copies[] = \basename($piece->string('design'), '.json').' '.$piece->int('copy');
            $rings = \array_map(static fn (mixed $ring): array => (array) $ring, (array) $piece->get('frame'));
            $regions[] = $region = Region::fromRings($rings);
            $box = $region->bounds();
            self::assertNotNull($box);
            self::assertGreaterThanOrEqual(0, $box->left);
            self::assertLessThanOrEqual(300_000, $box->right);
            self::assertLessThanOrEqual($layout->int('length'), $box->top);
            // Its corner is where it is said to be, but for what the outline reaches beyond.
            self::assertEqualsWithDelta([$piece->int('x'), $piece->int('y')], [$box->left, $box->bottom], 150);
            self::assertContains($piece->int('turn'), [0, 90, 180, 270]);
        }
        self::assertContains('crew-shirt-chest 5', $copies);
        self::assertContains('crew-shirt-sleeve 1', $copies);
        foreach ($regions as $at => $region) {
            for ($other = $at + 1; $other < 8; ++$other) {
                self::assertGreaterThanOrEqual(999.0, (float) Geos::result('distance', Geos::wkt($region), Geos::wkt($regions[$other]), 'txt'));
            }
        }
        self::assertLessThanOrEqual($layout->int('boxes'), $layout->int('length'));
    }

    /** @return iterable<string, array{list<string>, array<string, string>, string}> */
    public static function mistakes(): iterable
    {
        $design = Designs::folder().'/crew-shirt-back.json';
        $all = ['--film' => 'chalk', '--out' => '/tmp/x'];
        yield 'no film' => [[$design], ['--out' => 'x'], 'Add --film=ID'];
        yield 'no place to write to' => [[$design], ['--film' => 'chalk'], 'Add --out=FILE'];
        yield 'no such file' => [['nowhere.json*3'], $all, 'There is no file nowhere.json.'];
        yield 'another film' => [[$design], ['--film' => 'gold'] + $all, 'None of these designs uses gold.'];
        yield 'too wide' => [[$design], $all + ['--width' => '5cm'], 'wider than the 50 mm film'];
        yield 'no width' => [[$design], $all + ['--width' => 'wide'], 'wide'];
        yield 'unknown frames' => [[$design], $all + ['--frames' => 'round'], '--frames=hug or --frames=box'];
        yield 'unknown turns' => [[$design], $all + ['--turns' => '0,400'], '--turns=0,90,180,270'];
        yield 'a folder that is not there' => [[$design], ['--out' => '/nowhere/at/all.json', '--seconds' => '0'] + $all, 'cannot be written.'];
    }

    /**
     * @param list<string>          $designs
     * @param array<string, string> $options
     */
    #[DataProvider('mistakes')]
    public function testMistakesAreSaidWithWhatToDo(array $designs, array $options, string $said): void
    {
        [$code, $text] = self::layout($designs, $options);
        self::assertSame(1, $code);
        self::assertStringContainsString($said, \preg_replace('/\s+/', ' ', $text) ?? '');
    }

    /**
     * @param list<string>          $designs
     * @param array<string, string> $options
     *
     * @return array{int, string} how it ended, and what it said
     */
    private static function layout(array $designs, array $options): array
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('uvret:layout'));
        $code = $tester->execute(['designs' => $designs, ...$options], ['capture_stderr_separately' => true]);

        return [$code, $tester->getDisplay().$tester->getErrorOutput()];
    }
}
