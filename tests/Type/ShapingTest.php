<?php

declare(strict_types=1);

namespace Uvret\Tests\Type;

use PHPUnit\Framework\TestCase;
use Uvret\Tests\Support\Fuzz\FontFuzz;
use Uvret\Tests\Support\Letters;
use Uvret\Type\Font;
use Uvret\Type\Layout\Feature;
use Uvret\Type\Layout\PlacedGlyph;

/** Shaping gives what HarfBuzz gives, glyph for glyph. */
final class ShapingTest extends TestCase
{
    private const ROOT = __DIR__.'/../../node_modules/';

    public function testAllOfTheOracle(): void
    {
        $fonts = [];
        $lines = \file(\dirname(__DIR__).'/data/shaping-oracle.jsonl') ?: [];
        self::assertCount(489, $lines);
        foreach ($lines as $line) {
            /** @var array{file: string, text: string, features: list<string>, language: string, glyphs: list<list<int>>} $entry */
            $entry = \json_decode($line, true, 8, \JSON_THROW_ON_ERROR);
            $font = $fonts[$entry['file']] ??= Font::fromFile(self::ROOT.$entry['file']);
            self::assertSame(
                $entry['glyphs'],
                self::shape($font, $entry['text'], $entry['features'], $entry['language']),
                \basename($entry['file'])." “{$entry['text']}” ".\implode(',', $entry['features']),
            );
        }
    }

    /** PostScript and variable outlines, WOFF files, and texts that no one thought of. */
    public function testRandomTextsInManyKindsOfFonts(): void
    {
        \mt_srand(20261125);
        $files = [
            ...\glob(self::ROOT.'source-sans/OTF/*-{Regular,BoldIt,Black}.otf', \GLOB_BRACE) ?: [],
            ...\glob(self::ROOT.'source-sans/VF/*.otf') ?: [],
            ...\glob(self::ROOT.'source-sans/VF/*.ttf') ?: [],
            ...\array_map(
                static fn (string $id): string => (string) Letters::typeCase()->file($id),
                ['lobster', 'great-vibes', 'meow-script', 'bungee', 'satisfy', 'zilla-slab'],
            ),
        ];
        self::assertGreaterThan(11, \count($files));
        $letters = \mb_str_split('aabcdeefghiijllmnoprssttuvwyzABCDEFQRSTVW   .,’“”-/⁄1234567890fiflßéñǘşțа́жЁάΐx̣̂ü̧');
        $features = [
            [],
            [],
            ['-liga'],
            ['-kern'],
            ['smcp'],
            ['onum'],
            ['frac'],
            ['ss01'],
            ['salt'],
            ['aalt=2'],
            ['swsh'],
            ['sups'],
            ['case'],
            ['cv01', 'dlig'],
            ['rand'],
            ['zero', 'tnum'],
        ];
        foreach ($files as $file) {
            $font = Font::fromFile($file);
            for ($i = 0; $i < 6; ++$i) {
                $text = '';
                for ($length = \mt_rand(1, 24); $length > 0; --$length) {
                    $text .= $letters[\mt_rand(0, \count($letters) - 1)];
                }
                if ('' === \trim($text)) {
                    continue;
                }
                $with = $features[\mt_rand(0, \count($features) - 1)];
                $language = ['en', 'nl', 'tr', 'ro', 'pl'][\mt_rand(0, 4)];
                self::assertSame(
                    self::harfBuzz($file, $text, $with, $language),
                    self::shape($font, $text, $with, $language),
                    \basename($file)." “{$text}” ".\implode(',', $with)." $language",
                );
            }
        }
    }

    public function testAFeatureForSomeLettersOnly(): void
    {
        $file = (string) Letters::typeCase()->file('lobster');
        foreach (['salt[1:3]', '-liga[0:2]', 'kern[2:5]=0'] as $feature) {
            self::assertSame(self::harfBuzz($file, 'officer', [$feature], 'en'), self::shape(Font::fromFile($file), 'officer', [$feature], 'en'), $feature);
        }
    }

    public function testOutlinesOfAllKindsOfFilesAreTheSame(): void
    {
        $file = static fn (string $path): Font => Font::fromFile(self::ROOT."source-sans/$path");
        $otf = $file('OTF/SourceSans3-Regular.otf');
        $woff = $file('WOFF/OTF/SourceSans3-Regular.otf.woff');
        $ttf = $file('TTF/SourceSans3-Regular.ttf');
        $compared = 0;
        foreach ([0x41, 0x67, 0x26, 0xE4, 0x42, 0x38] as $character) {
            $text = (string) \mb_chr($character);
            [$one] = $otf->shape($text)->glyphs;
            self::assertEquals($otf->outline($one->glyph), $woff->outline($one->glyph));
            $bounds = $otf->outline($one->glyph)->bounds();
            $other = $ttf->outline($ttf->shape($text)->glyphs[0]->glyph)->bounds();
            self::assertNotNull($bounds);
            self::assertNotNull($other);
            foreach ($bounds as $side => $at) {
                self::assertEqualsWithDelta($at, $other[$side], 1.5, $text);
                ++$compared;
            }
        }
        self::assertSame(24, $compared);
        // A variable font stands for its default instance, here the extra light one.
        $default = $file('VF/SourceSans3VF-Upright.otf')->outline($one->glyph)->bounds();
        $light = $file('OTF/SourceSans3-ExtraLight.otf')->outline($one->glyph)->bounds();
        self::assertEqualsWithDelta($light, $default, 1.5);
    }

    public function testDamagedFontsAreRefusedAndNeverRunOn(): void
    {
        for ($case = 0; $case < 400; ++$case) {
            self::assertNull(FontFuzz::check(7, $case), "case $case");
        }
    }

    /**
     * @param list<string> $features
     *
     * @return list<list<int>> glyph, cluster, offsets and advance
     */
    private static function shape(Font $font, string $text, array $features, string $language): array
    {
        $run = $font->shape($text, \array_values(\array_filter(\array_map(Feature::parse(...), $features))), $language);

        return \array_map(static fn (PlacedGlyph $glyph): array => [$glyph->glyph, $glyph->cluster, $glyph->shift, $glyph->y, $glyph->advance], $run->glyphs);
    }

    /**
     * @param list<string> $features
     *
     * @return list<list<int>>
     */
    private static function harfBuzz(string $file, string $text, array $features, string $language): array
    {
        $command = [
            'hb-shape',
            '--output-format=json',
            '--no-glyph-names',
            '--direction=ltr',
            "--language=$language",
            '--features='.\implode(',', $features),
            $file,
            "--text=$text",
        ];
        \exec(\implode(' ', \array_map(\escapeshellarg(...), $command)), $output, $status);
        self::assertSame(0, $status);
        /** @var list<array{g: int, cl: int, dx: int, dy: int, ax: int}> $glyphs */
        $glyphs = \json_decode($output[0], true, 8, \JSON_THROW_ON_ERROR);

        return \array_map(static fn (array $glyph): array => [$glyph['g'], $glyph['cl'], $glyph['dx'], $glyph['dy'], $glyph['ax']], $glyphs);
    }
}
