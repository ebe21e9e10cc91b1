<?php

declare(strict_types=1);

namespace Uvret\Tests\Type;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Curve\Path;
use Uvret\Tests\Support\Letters;
use Uvret\Type\Font;
use Uvret\Type\FontEntry;
use Uvret\Type\FontException;

final class FontTest extends TestCase
{
    public function testAllFontsShipWithTheirLicences(): void
    {
        $folder = \dirname(__DIR__, 2).'/fonts';
        self::assertCount(24, Letters::typeCase()->entries());
        foreach (Letters::typeCase()->entries() as $entry) {
            self::assertFileExists("$folder/licences/$entry->id.txt");
            self::assertGreaterThan(50, \count(Letters::font($entry->id)->codePoints()), $entry->id);
        }
    }

    /** Every glyph of every shipped font has the contours, area and length that another reader finds. */
    public function testOutlinesAgreeWithAnIndependentReader(): void
    {
        $files = \array_map(static fn (FontEntry $entry): string => (string) Letters::typeCase()->file($entry->id), Letters::typeCase()->entries());
        \exec('node '.\escapeshellarg(__DIR__.'/outlines.mjs').' '.\implode(' ', \array_map(escapeshellarg(...), $files)), $lines, $status);
        self::assertSame(0, $status);
        $glyphs = 0;
        foreach ($files as $at => $file) {
            $font = Font::fromFile($file);
            /** @var list<array{int, float, float}> $rows */
            $rows = \json_decode($lines[$at], true, 8, \JSON_THROW_ON_ERROR);
            self::assertCount($font->glyphCount, $rows);
            foreach ($rows as $glyph => [$contours, $area, $length]) {
                [$ownContours, $ownArea, $ownLength] = self::measure($font->outline($glyph));
                $name = \basename($file)." glyph $glyph";
                self::assertSame($contours, $ownContours, $name);
                self::assertEqualsWithDelta($area, $ownArea, 0.5 + 1e-6 * \abs($area), $name);
                self::assertEqualsWithDelta($length, $ownLength, 0.05 + 1e-6 * $length, $name);
                ++$glyphs;
            }
        }
        self::assertGreaterThan(10000, $glyphs);
    }

    public function testLetterHeightIsMeasuredNotBelieved(): void
    {
        // This font states a cap height of 363 where its H is 1570 high.
        self::assertSame(1570.0, Letters::font('rye')->letterHeight());
        self::assertGreaterThan(0.5 * Letters::font('yellowtail')->unitsPerEm, Letters::font('yellowtail')->letterHeight());
    }

    public function testSaysWhichLettersAreMissing(): void
    {
        self::assertSame(['日'], Letters::font('anton')->missing('Tern 日 日'));
        self::assertSame([], Letters::font('anton')->missing("Tern Pe\u{301}rez"));
    }

    #[DataProvider('badFonts')]
    public function testBadFontsAreRefusedWithTheReason(string $bytes, string $reason): void
    {
        $this->expectException(FontException::class);
        $this->expectExceptionMessageMatches($reason);
        $font = Font::fromBytes($bytes);
        for ($glyph = 0; $glyph < $font->glyphCount; ++$glyph) {
            $font->outline($glyph);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function badFonts(): iterable
    {
        $good = (string) \file_get_contents(\dirname(__DIR__, 2).'/fonts/graduate.ttf');
        yield 'something else' => ['%PDF-1.7', '/not a TrueType font/'];
        yield 'empty' => ['', '/not a TrueType font/'];
        yield 'packed too far' => ['wOF2'.\substr($good, 4), '/WOFF2.*\.ttf/'];
        yield 'cut off' => [\substr($good, 0, 20000), '/ends too early/'];
        yield 'no outlines' => [\str_replace('glyf', 'gly_', $good), '/no “glyf” table/'];
        yield 'outlines that lie' => [self::withGlyphsOverwritten($good), '/“glyf” table/'];
    }

    private static function withGlyphsOverwritten(string $font): string
    {
        $at = (int) \strpos($font, 'glyf');
        /** @var array{1: int, 2: int} $place */
        $place = \unpack('N2', \substr($font, $at + 8, 8));

        return \substr_replace($font, \str_repeat("\x00\x7F", \intdiv($place[2], 2)), $place[1], \intdiv($place[2], 2) * 2);
    }

    /** @return array{int, float, float} */
    private static function measure(Path $path): array
    {
        $area = $length = 0.0;
        foreach ($path->contours as $contour) {
            [$px, $py] = $contour;
            for ($i = 0; $i < \count($contour) - 2; $i += 6) {
                for ($k = 1; $k <= 8; ++$k) {
                    $x = Path::at($contour[$i], $contour[$i + 2], $contour[$i + 4], $contour[$i + 6], $k / 8);
                    $y = Path::at($contour[$i + 1], $contour[$i + 3], $contour[$i + 5], $contour[$i + 7], $k / 8);
                    $area += ($px * $y - $x * $py) / 2;
                    $length += \hypot($x - $px, $y - $py);
                    [$px, $py] = [$x, $y];
                }
            }
        }

        return [\count($path->contours), $area, $length];
    }
}
