<?php

declare(strict_types=1);

namespace Uvret\Type\Facts;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;
use Uvret\Type\Font;
use Uvret\Type\FontException;

/** Measures a font's stroke widths: from many points on the letters' edges straight across to the opposite edge. */
final class Strokes
{
    private const LETTERS = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';

    /** Size of the em for measuring, and spacing of the points, in µm. */
    private const SIZE = 20000;
    private const EVERY = 700;

    /** @return array{thin: float, stem: float} 5th percentile and median, as shares of the cap height */
    public static function of(Font $font): array
    {
        $lengths = [];
        $scale = Affine::scale(self::SIZE / $font->unitsPerEm);
        foreach (\str_split(self::LETTERS) as $letter) {
            try {
                $rings = [];
                foreach ($font->shape($letter)->glyphs as $glyph) {
                    \array_push($rings, ...Flattening::rings($font->outline($glyph->glyph), $scale, 20));
                }
                \array_push($lengths, ...self::across(Region::fromRings($rings)));
            } catch (FontException) {
                continue;
            }
        }
        if ([] === $lengths) {
            return ['thin' => 0.0, 'stem' => 0.0];
        }
        \sort($lengths);
        $height = $font->letterHeight() * self::SIZE / $font->unitsPerEm;

        return [
            'thin' => \round($lengths[\intdiv(\count($lengths), 20)] / $height, 4),
            'stem' => \round($lengths[\intdiv(\count($lengths), 2)] / $height, 4),
        ];
    }

    /** @return list<float> */
    private static function across(Region $letter): array
    {
        $lines = [];
        foreach ($letter->rings() as $ring) {
            $count = \count($ring);
            $walked = 0.0;
            for ($i = 0; $i < $count; $i += 2) {
                $next = ($i + 2) % $count;
                [$dx, $dy] = [$ring[$next] - $ring[$i], $ring[$next + 1] - $ring[$i + 1]];
                $length = \hypot($dx, $dy);
                for ($walked += $length; $walked > self::EVERY; $walked -= self::EVERY) {
                    // Inside lies to the left of every edge.
                    [$x, $y] = [($ring[$i] + $ring[$next]) / 2, ($ring[$i + 1] + $ring[$next + 1]) / 2];
                    $lines[] = \array_map(
                        \intval(...),
                        [
                            \round($x - 20 * $dy / $length),
                            \round($y + 20 * $dx / $length),
                            \round($x - self::SIZE * $dy / $length),
                            \round($y + self::SIZE * $dx / $length),
                        ],
                    );
                    break;
                }
            }
        }
        $lengths = [];
        foreach ($lines as $line) {
            $inside = $letter->clipLines([$line])[0] ?? null;
            if (null !== $inside && \hypot($inside[0] - $line[0], $inside[1] - $line[1]) < 30) {
                $lengths[] = 20 + \hypot($inside[\count($inside) - 2] - $inside[0], $inside[\count($inside) - 1] - $inside[1]);
            }
        }

        return $lengths;
    }
}
