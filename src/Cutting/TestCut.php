<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

use Uvret\Design\Upgrade\Upgrades;

/** The test cut: a circle with a word beside it, small enough for any offcut. */
final class TestCut
{
    /**
     * @param string $film as a design has it, as JSON
     *
     * @return string a design document
     */
    public static function document(string $film): string
    {
        $own = \json_decode($film, false, 8, \JSON_THROW_ON_ERROR);
        $id = $own instanceof \stdClass ? $own->id ?? '' : '';

        return \json_encode([
            'uvret' => Upgrades::LATEST,
            'name' => 'Test cut',
            'unit' => 'mm',
            'blank' => [
                'id' => 'film',
                'name' => 'Film',
                'drawing' => 'tote',
                'size' => 'one',
                'width' => 200_000,
                'fabric' => ['name' => 'Carrier', 'colour' => '#FFFFFF'],
                'placement' => ['id' => 'film', 'name' => 'Film', 'width' => 60_000, 'height' => 40_000, 'across' => 0, 'down' => 10_000, 'from' => []],
            ],
            'films' => [$own],
            'stack' => 'top',
            'lines' => [[
                'id' => 'word',
                'film' => $id,
                'lettering' => ['words' => 'Tern', 'font' => 'anton'],
                'size' => ['by' => 'letter', 'length' => 9_000],
            ]],
            'forms' => [[
                'id' => 'circle',
                'film' => $id,
                'shape' => ['kind' => 'circle'],
                'size' => ['width' => 12_000, 'height' => 12_000],
                'place' => ['across' => 0, 'down' => 22_000],
            ]],
        ], \JSON_THROW_ON_ERROR);
    }
}
