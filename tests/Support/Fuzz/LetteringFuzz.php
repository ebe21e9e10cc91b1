<?php

declare(strict_types=1);

namespace Uvret\Tests\Support\Fuzz;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Letters;

/** Real lettering from all shipped fonts, welded and laid over other lettering, against GEOS. */
final class LetteringFuzz implements Fuzz
{
    private const WORDS = ['Tern', 'Point', 'Rowing', 'Regatta', 'Saltmarsh', 'Harbour', 'Kittiwake', 'Ottilie', 'Crew 24', 'Boatshed', '& Co-op', 'Élodie'];
    private const OPERATIONS = ['union', 'intersection', 'difference', 'symDifference'];

    public function generate(\Random\Randomizer $random): array
    {
        $fonts = \array_column(Letters::typeCase()->entries(), 'id');
        $more = ['operation' => self::OPERATIONS[$random->getInt(0, 3)]];
        foreach (['a', 'b'] as $operand) {
            $more["font $operand"] = $fonts[$random->getInt(0, \count($fonts) - 1)];
            $more["words $operand"] = self::WORDS[$random->getInt(0, \count(self::WORDS) - 1)];
            $more["height $operand"] = $random->getInt(4000, 80000);
        }

        return ['a' => [], 'b' => [], 'more' => $more + ['dx' => $random->getInt(-20000, 40000), 'dy' => $random->getInt(-20000, 40000)]];
    }

    public function check(array $cases): array
    {
        $wrong = [];
        foreach ($cases as $number => $case) {
            $more = $case['more'];
            [$a, $geosA] = self::weld((string) $more['font a'], (string) $more['words a'], (int) $more['height a'], 0, 0);
            [$b, $geosB] = self::weld((string) $more['font b'], (string) $more['words b'], (int) $more['height b'], (int) $more['dx'], (int) $more['dy']);
            $result = match ($more['operation']) {
                'union' => $a->union($b),
                'intersection' => $a->intersect($b),
                'difference' => $a->subtract($b),
                default => $a->exclusive($b),
            };
            $expected = Geos::result((string) $more['operation'], $geosA, $geosB);
            $edges = $a->perimeter() + $b->perimeter();
            if (!Geos::isValid(Geos::wkt($result))) {
                $wrong[$number] = 'GEOS calls the result invalid';
            } elseif (($difference = Geos::difference(Geos::wkt($result), $expected)) > $edges) {
                $wrong[$number] = \sprintf('differs from GEOS by %.0f µm² along %.0f µm of edges', $difference, $edges);
            }
        }

        return $wrong;
    }

    /** @return array{Region, string} welded by Uvret, and by GEOS from the single letters */
    private static function weld(string $id, string $words, int $height, int $dx, int $dy): array
    {
        $font = Letters::font($id);
        $scale = $height / $font->letterHeight();
        $rings = $letters = [];
        foreach ($font->shape($words)->glyphs as $glyph) {
            $place = Affine::move($glyph->x, 0)->then(Affine::scale($scale))->then(Affine::move($dx, $dy));
            $letter = Flattening::rings($font->outline($glyph->glyph), $place);
            \array_push($rings, ...$letter);
            $letters[] = Geos::wkt(Region::fromRings($letter));
        }

        return [Region::fromRings($rings), Geos::result('unaryUnion', 'GEOMETRYCOLLECTION('.\implode(',', $letters).')')];
    }
}
