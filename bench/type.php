<?php

declare(strict_types=1);

// Fonts: shaping and outlining a line of 30 letters in a font that is parsed, and parsing the largest shipped font.

use Uvret\Type\Font;

require dirname(__DIR__).'/vendor/autoload.php';

/**
 * @param list<float> $times in ms
 *
 * @return array{median: float, p95: float, unit: string}
 */
function row(array $times): array
{
    sort($times);

    return ['median' => round($times[intdiv(count($times), 2)], 2), 'p95' => round($times[(int) (0.95 * count($times))], 2), 'unit' => 'ms'];
}

$files = glob(dirname(__DIR__).'/fonts/*.ttf') ?: [];
usort($files, static fn (string $a, string $b): int => filesize($b) <=> filesize($a));

$parse = [];
for ($i = 0; $i < 30; ++$i) {
    $start = hrtime(true);
    Font::fromFile($files[0]);
    $parse[] = (hrtime(true) - $start) / 1e6;
}
$shape = [];
foreach (['lobster', 'great-vibes', 'meow-script', 'montserrat'] as $name) {
    $font = Font::fromFile(dirname(__DIR__)."/fonts/$name.ttf");
    $font->shape('Parsed once.');
    for ($i = 0; $i < 20; ++$i) {
        // Other letters every time, so that no outline is known already.
        $text = mb_substr(str_repeat(chr(97 + $i).'Tern Point office Quill Regatta crew', 2), $i, 30);
        $start = hrtime(true);
        foreach ($font->shape($text)->glyphs as $glyph) {
            $font->outline($glyph->glyph);
        }
        $shape[] = (hrtime(true) - $start) / 1e6;
    }
}
echo json_encode(['shape' => row($shape), 'parse' => [...row($parse), 'font' => basename($files[0])]]);
