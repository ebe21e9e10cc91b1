<?php

declare(strict_types=1);

namespace Uvret\Layout;

use Uvret\Cut\CutSheet;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Layout\Nest\FilmRows;
use Uvret\Layout\Nest\Raster;

/** Small numbers cut into the waste beside the ink, so that similar pieces can be told apart. Lengths in µm. */
final class Numbers
{
    /** Heights to try, largest first; digits are half as wide, with a quarter of the height between them. */
    private const HEIGHTS = [6_000, 4_500, 3_200];

    /** Distance of a number to ink, marks and frame. */
    private const OFF = 1_200;

    private const CELL = 400;

    /** Strokes of the digits in a box 2 wide and 4 high: x, y, x, y, …, one list per stroke. */
    private const STROKES = [
        [[0, 0, 2, 0, 2, 4, 0, 4, 0, 0]],
        [[0, 3, 1, 4, 1, 0]],
        [[0, 4, 2, 4, 2, 2, 0, 2, 0, 0, 2, 0]],
        [[0, 4, 2, 4, 2, 0, 0, 0], [2, 2, 0, 2]],
        [[0, 4, 0, 2, 2, 2], [2, 4, 2, 0]],
        [[2, 4, 0, 4, 0, 2, 2, 2, 2, 0, 0, 0]],
        [[2, 4, 0, 4, 0, 0, 2, 0, 2, 2, 0, 2]],
        [[0, 4, 2, 4, 1, 0]],
        [[0, 0, 2, 0, 2, 4, 0, 4, 0, 0], [0, 2, 2, 2]],
        [[2, 2, 0, 2, 0, 4, 2, 4, 2, 0, 0, 0]],
    ];

    /**
     * A place for a number with this many digits: lower left corner and height.
     *
     * @return array{int, int, int}|null null if there is no room
     */
    public static function place(CutSheet $sheet, int $digits): ?array
    {
        $waste = $sheet->frame->offset(-self::OFF)->subtract($sheet->region->offset(self::OFF), $sheet->marks->offset(self::OFF), ...self::cuts($sheet));
        $box = $sheet->frame->bounds();
        if (null === $box || $waste->isEmpty()) {
            return null;
        }
        $film = new FilmRows(\intdiv($box->width(), self::CELL), \intdiv($box->height(), self::CELL));
        $outside = $box->toRegion()->subtract($waste)->transform(Affine::move(-$box->left, -$box->bottom));
        $film->block(Raster::of($outside, self::CELL, self::CELL));
        foreach (self::HEIGHTS as $height) {
            $room = new Box(0, 0, self::width($digits, $height), $height);
            $found = $film->place(Raster::of($room->toRegion(), self::CELL, self::CELL), 0, \PHP_INT_MAX);
            if (null !== $found) {
                return [$box->left + self::CELL * $found[1], $box->bottom + self::CELL * $found[0], $height];
            }
        }

        return null;
    }

    /**
     * @param array{int, int, int} $place from place(), for as many digits
     *
     * @return list<list<int>> open lines for the knife: flat lists x0, y0, x1, y1, …
     */
    public static function lines(int $number, array $place): array
    {
        [$left, $low, $height] = $place;
        $unit = $height / 4;
        $lines = [];
        foreach (\str_split((string) $number) as $at => $digit) {
            $x = $left + (int) \round($at * 3 * $unit);
            foreach (self::STROKES[(int) $digit] as $stroke) {
                $line = [];
                for ($i = 0, $count = \count($stroke); $i < $count; $i += 2) {
                    \array_push($line, $x + (int) \round($stroke[$i] * $unit), $low + (int) \round($stroke[$i + 1] * $unit));
                }
                $lines[] = $line;
            }
        }

        return $lines;
    }

    private static function width(int $digits, int $height): int
    {
        return \intdiv((3 * $digits - 1) * $height, 4);
    }

    /** @return list<Region> relief cuts with some room around them */
    private static function cuts(CutSheet $sheet): array
    {
        $cuts = [];
        foreach ($sheet->parting as $line) {
            for ($i = 0, $last = \count($line) - 2; $i < $last; $i += 2) {
                [$x, $y, $toX, $toY] = \array_slice($line, $i, 4);
                $far = \max(1.0, \hypot($toX - $x, $toY - $y));
                [$dx, $dy] = [(int) \round(self::OFF * ($toY - $y) / $far), (int) \round(self::OFF * ($x - $toX) / $far)];
                $cuts[] = Region::fromRings([[$x + $dx, $y + $dy, $toX + $dx, $toY + $dy, $toX - $dx, $toY - $dy, $x - $dx, $y - $dy]]);
            }
        }

        return $cuts;
    }
}
