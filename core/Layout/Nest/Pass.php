<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

/** Places pieces in order, each in the rotation and position with the lowest end. */
final class Pass
{
    private const FAR = 1 << 40;

    /**
     * @param list<Piece> $pieces in the order in which they are laid
     * @param int         $width  of the film, in µm
     * @param int         $cell   of the raster, in µm
     * @param int         $gap    between frames, in µm
     * @param float       $longer nothing longer is wanted, in µm
     *
     * @return list<Place>|null in the same order; null where it would be longer, or a piece is wider than the film
     */
    public static function through(array $pieces, int $width, int $cell, int $gap, float $longer = \INF): ?array
    {
        $film = new FilmRows(\intdiv($width + $gap, $cell));
        $most = \INF === $longer ? self::FAR : (int) \ceil($longer / $cell);
        $starts = new \SplObjectStorage();
        $places = [];
        foreach ($pieces as $piece) {
            // Pieces that are equal are the same object: what had no room for one has none for the next.
            /** @var array<int, int> $from */
            $from = $starts[$piece] ?? [];
            $best = null;
            $least = $most + 1;
            foreach ($piece->turns as $turn) {
                $raster = $piece->raster($turn, $cell, $gap);
                $place = $film->place($raster, $from[$turn] ?? 0, $least - 1);
                if (null !== $place) {
                    [$row, $column] = $place;
                    [$best, $least] = [[$turn, $row, $column], $row + $raster->height()];
                    $from[$turn] = $row;
                }
            }
            if (null === $best) {
                return null;
            }
            [$turn, $row, $column] = $best;
            $film->take($piece->raster($turn, $cell, $gap), $row, $column);
            $starts[$piece] = $from;
            $places[] = new Place($piece, $turn, $column * $cell, $row * $cell);
        }

        return $places;
    }
}
