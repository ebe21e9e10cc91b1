<?php

declare(strict_types=1);

namespace Uvret\Blanks\Measuring;

use Uvret\Blanks\BlankException;
use Uvret\Blanks\Drawing;

/**
 * A size of a blank computed from a few measures: its drawing, usual areas and keep-off places.
 *
 * @phpstan-type Place array{id: string, kind: string, name: string, points: list<int>, closed: bool, distance: int}
 */
final class MeasuredSize
{
    /** Smallest and largest ratio of a measure to the drawing's. */
    private const LEAST = 0.25;
    private const MOST = 4.0;

    /** The measure that sets the height, by drawing; other drawings are scaled by width alone. */
    private const HEIGHT = [
        'tee-front' => 'length',
        'tee-back' => 'length',
        'hoodie-front' => 'length',
        'sleeve' => 'length',
        'tote' => 'height',
        'pouch' => 'height',
        'cap' => 'height',
        'brimmed-hat' => 'height',
        'board' => 'height',
    ];

    /**
     * @param array<string, int> $measures by their names, in µm
     *
     * @return array{
     *     size: string, width: int, height: int, measures: array<string, int>, keepOff: list<Place>, placements: non-empty-list<array<string, mixed>>,
     * } a size as a blank's document has it
     *
     * @throws BlankException     if there is no such drawing
     * @throws MeasuringException if a measure is missing or can't be
     */
    public static function of(string $drawing, string $size, array $measures): array
    {
        $drawn = Drawing::named($drawing);
        $asked = $drawn->measures();
        $known = [];
        foreach ($asked as $measure) {
            $length = $measures[$measure->name] ?? throw MeasuringException::missing($measure);
            [$least, $most] = [(int) (self::LEAST * $measure->usual), (int) (self::MOST * $measure->usual)];
            if ($length < $least || $length > $most) {
                throw MeasuringException::unlikely($measure, $length, $least, $most);
            }
            $known[$measure->name] = $length;
        }
        // The first measure is the width.
        $width = $known[$asked[0]->name];
        $height = $known[self::HEIGHT[$drawing] ?? ''] ?? null;
        if (isset($known['crown']) && $known['crown'] > 0.9 * $width) {
            throw MeasuringException::tooSmall($asked[1]);
        }

        return [
            'size' => $size,
            'width' => $width,
            'height' => $height ?? 0,
            'measures' => $known,
            'keepOff' => self::placed($drawn->keepOff($width, $height), $asked, $known, $width, $height),
            'placements' => \array_map(static fn (Area $area): array => $area->document(), UsualAreas::of($drawing, $known)),
        ];
    }

    /**
     * Pockets and handles move from the drawing's position to the measured one.
     *
     * @param list<Place>        $places
     * @param list<Measure>      $asked
     * @param array<string, int> $known
     *
     * @return list<Place>
     */
    private static function placed(array $places, array $asked, array $known, int $width, ?int $height): array
    {
        $moves = ['pocket' => 'pocket', 'hem' => 'handles', 'left handle' => 'handles', 'right handle' => 'handles', 'seam below the zip' => 'zip'];
        $usual = \array_column($asked, 'usual', 'name');
        foreach ($places as $at => $place) {
            $measure = $moves[$place['name']] ?? '';
            if (isset($known[$measure])) {
                $tallest = $known[self::tallest($known)] / $usual[self::tallest($known)];
                $by = $known[$measure] - (int) \round($usual[$measure] * $tallest);
                $places[$at]['points'] = self::lowered($place['points'], $by, 'pocket' === $measure);
            }
        }

        return $places;
    }

    /** @param array<string, int> $known */
    private static function tallest(array $known): string
    {
        return isset($known['length']) ? 'length' : 'height';
    }

    /**
     * @param list<int> $points
     *
     * @return list<int> all points lowered, or only those not level with the measuring point
     */
    private static function lowered(array $points, int $by, bool $all): array
    {
        foreach ($points as $at => $value) {
            if (1 === $at % 2 && ($all || $value > 0)) {
                $points[$at] = $value + $by;
            }
        }

        return $points;
    }
}
