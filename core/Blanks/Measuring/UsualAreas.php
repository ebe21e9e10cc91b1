<?php

declare(strict_types=1);

namespace Uvret\Blanks\Measuring;

/** The trade's usual areas on a kind of blank, from its measures. Lengths are in µm. */
final class UsualAreas
{
    private const FULL = 300_000;
    private const CHEST = 95_000;
    private const CAP_WIDTH = 115_000;
    private const CAP_HEIGHT = 55_000;
    private const BRIM = 40_000;
    private const MARGIN = 40_000;

    /**
     * @param array<string, int> $m the drawing's measures, by name
     *
     * @return non-empty-list<Area>
     */
    public static function of(string $drawing, array $m): array
    {
        return match ($drawing) {
            'tee-front' => [
                Area::at('full-front', 'Full front', self::front($m), \min(self::FULL, $m['length'] - 240_000), 70_000, 'collar'),
                Area::at('left-chest', 'Left chest', \min(self::CHEST, 0.2 * $m['chest']), self::CHEST, 80_000, 'collar', 0.18 * $m['chest']),
            ],
            'tee-back' => [
                Area::at('full-back', 'Full back', self::front($m), \min(330_000, $m['length'] - 240_000), 75_000, 'collar'),
                Area::at('shoulder-line', 'Across the shoulders', 0.58 * $m['chest'], 70_000, 50_000, 'collar'),
            ],
            'hoodie-front' => [
                Area::at('chest', 'Across the chest', 0.47 * $m['chest'], \min(200_000, $m['pocket'] - 110_000 - self::MARGIN), 110_000, 'collar'),
                Area::at('left-chest', 'Left chest', self::CHEST, \min(self::CHEST, $m['pocket'] - 130_000), 90_000, 'collar', 0.18 * $m['chest']),
            ],
            'sleeve' => [
                Area::at('upper-arm', 'Upper arm', 0.42 * $m['width'], 60_000, 120_000, 'shoulder'),
                Area::at('along', 'Along the sleeve', 0.27 * $m['width'], \min(330_000, $m['length'] - 300_000), 150_000, 'shoulder'),
            ],
            'tote' => [
                Area::at(
                    'middle',
                    'Middle of the bag',
                    $m['width'] - 3 * self::MARGIN,
                    $m['height'] - $m['handles'] - 3.5 * self::MARGIN,
                    $m['handles'] + 1.5 * self::MARGIN,
                    'top edge',
                ),
                Area::at('low', 'Low on the bag', $m['width'] - 2 * self::MARGIN, 0.25 * $m['height'], 0.68 * $m['height'], 'top edge'),
            ],
            'pouch' => [
                Area::at('face', 'Face of the pouch', $m['width'] - 1.5 * self::MARGIN, $m['height'] - $m['zip'] - 50_000, $m['zip'] + 25_000, 'zip'),
            ],
            'cap' => [self::capFront($m)],
            'brimmed-hat' => [
                Area::at('crown', 'Crown, above the band', 0.37 * $m['brim'], 0.33 * $m['height'], -0.78 * $m['height'], 'brim')->over('brim'),
                Area::at('band', 'On the band', 0.43 * $m['brim'], 0.2 * $m['height'], -0.31 * $m['height'], 'brim')->over('brim'),
            ],
            'hat-brim' => [Area::onBrim($m['brim'], $m['crown'], \min(self::BRIM, \intdiv(3 * ($m['brim'] - $m['crown']), 10)))],
            default => [Area::at('face', 'Whole face', $m['width'] - 2 * self::MARGIN, $m['height'] - 2 * self::MARGIN, self::MARGIN, 'top edge')],
        };
    }

    /**
     * The usual width of a full front, clear of the side seams.
     *
     * @param array<string, int> $m
     */
    private static function front(array $m): float
    {
        return \min(self::FULL, 0.54 * $m['chest'], $m['body'] - 4 * self::MARGIN);
    }

    /** @param array<string, int> $m */
    private static function capFront(array $m): Area
    {
        $width = \min(self::CAP_WIDTH, $m['panel'] - 24_000);
        $height = \min(self::CAP_HEIGHT, 0.45 * $m['height']);

        return Area::at('front', 'Cap front', $width, $height, -0.14 * $m['height'] - $height, 'brim')->over('brim');
    }
}
