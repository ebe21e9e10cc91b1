<?php

declare(strict_types=1);

namespace Uvret\Compose\Forms;

use Uvret\Design\Motif;
use Uvret\Design\MotifPiece;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** The pieces of a motif with their settings. A piece is identified by a point inside it as drawn. */
final readonly class MotifPieces
{
    /** Units per full width or height. */
    private const WHOLE = 10_000;

    /**
     * Each as drawn and as set; removed pieces have no film.
     *
     * @param list<Region> $colours unturned, about the motif's middle
     *
     * @return list<array{colour: int, film: string|null, drawn: Region, region: Region, settings: MotifPiece|null}>
     */
    public static function of(Motif $motif, array $colours): array
    {
        $pieces = [];
        foreach ($colours as $number => $region) {
            foreach ($region->pieces() as $piece) {
                $settings = self::settings($motif, $number, $piece);
                $pieces[] = [
                    'colour' => $number,
                    'film' => true === $settings?->gone ? null : $settings->film ?? $motif->colours[$number]->film,
                    'drawn' => $piece,
                    'region' => null === $settings ? $piece : $piece->transform(self::map($motif, $settings, $piece->bounds() ?? new Box(0, 0, 0, 0))),
                    'settings' => $settings,
                ];
            }
        }

        return $pieces;
    }

    /**
     * One piece as set, about the motif's centre.
     *
     * @param list<Region>                       $colours unturned, about the motif's middle
     * @param array{colour: int, x: int, y: int} $at      a point in it as it was drawn, in ten-thousandths of the motif
     */
    public static function at(Motif $motif, array $colours, array $at): ?Region
    {
        foreach (($colours[$at['colour']] ?? Region::empty())->pieces() as $piece) {
            if (self::holds($motif, $piece, $at['x'], $at['y'])) {
                $settings = self::settings($motif, $at['colour'], $piece);

                return null === $settings ? $piece : $piece->transform(self::map($motif, $settings, $piece->bounds() ?? new Box(0, 0, 0, 0)));
            }
        }

        return null;
    }

    private static function settings(Motif $motif, int $colour, Region $piece): ?MotifPiece
    {
        foreach ($motif->pieces as $settings) {
            if ($settings->colour === $colour && self::holds($motif, $piece, $settings->x, $settings->y)) {
                return $settings;
            }
        }

        return null;
    }

    private static function holds(Motif $motif, Region $piece, int $x, int $y): bool
    {
        $x = (int) \round($x * $motif->size->width / self::WHOLE);
        $y = (int) \round($y * $motif->size->height / self::WHOLE);

        return true === $piece->bounds()?->holds(new Box($x, $y, $x, $y)) && $piece->contains($x, $y);
    }

    /** @return array{int, int} a point well inside a piece as it was drawn, in ten-thousandths of the motif */
    public static function point(Motif $motif, Region $piece): array
    {
        $box = $piece->bounds() ?? new Box(0, 0, 0, 0);
        [$longest, $x, $y] = [0, $box->left, $box->bottom];
        // The middle of the longest horizontal chord.
        for ($eighth = 1; $eighth < 8; ++$eighth) {
            $level = $box->bottom + \intdiv($eighth * $box->height(), 8);
            foreach ($piece->clipLines([[$box->left - 1, $level, $box->right + 1, $level]]) as $stretch) {
                $last = $stretch[\count($stretch) - 2];
                if (\abs($last - $stretch[0]) > $longest) {
                    [$longest, $x, $y] = [\abs($last - $stretch[0]), \intdiv($stretch[0] + $last, 2), $level];
                }
            }
        }

        return [(int) \round($x / $motif->size->width * self::WHOLE), (int) \round($y / $motif->size->height * self::WHOLE)];
    }

    private static function map(Motif $motif, MotifPiece $settings, Box $box): Affine
    {
        [$x, $y] = [\intdiv($box->left + $box->right, 2), \intdiv($box->bottom + $box->top, 2)];

        return Affine::move(-$x, -$y)
            ->then(Affine::scale($settings->scale / 100))
            ->then(Affine::turn(-$settings->turn))
            ->then(Affine::move(
                $x + $settings->right * $motif->size->width / self::WHOLE,
                $y + $settings->up * $motif->size->height / self::WHOLE,
            ));
    }
}
