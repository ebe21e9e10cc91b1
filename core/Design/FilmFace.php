<?php

declare(strict_types=1);

namespace Uvret\Design;

/**
 * What the face of a film looks like: its colour, or a tile of its finish at true size. The tiles are in finish-faces.json, which the
 * interface draws from too: how long their sides are in µm, how far they are turned, and what lies over the film's colour.
 */
final class FilmFace
{
    /** @var array<string, array{size: int, turn: int, content: string}>|null */
    private static ?array $tiles = null;

    /** What a shape of the film is filled with. */
    public static function fill(Film $film): string
    {
        return isset(self::tiles()[$film->finish->value]) ? "url(#finish-$film->id)" : $film->colour;
    }

    /**
     * The SVG patterns that fills refer to, in pictures whose unit is the µm.
     *
     * @param list<Film> $films
     * @param float      $scale how much larger than it is a face is drawn, for pictures that are shown smaller
     */
    public static function patterns(array $films, float $scale = 1.0): string
    {
        $patterns = '';
        foreach ($films as $film) {
            $tile = self::tiles()[$film->finish->value] ?? null;
            if (null !== $tile) {
                $patterns .= \sprintf(
                    '<pattern id="finish-%1$s" patternUnits="userSpaceOnUse" width="%2$d" height="%2$d" patternTransform="rotate(%3$d) scale(%6$.4F)"><rect width="%2$d" height="%2$d" fill="%4$s"/>%5$s</pattern>',
                    $film->id,
                    $tile['size'],
                    $tile['turn'],
                    $film->colour,
                    $tile['content'],
                    $scale,
                );
            }
        }

        return '' === $patterns ? '' : "<defs>$patterns</defs>";
    }

    /** @return array<string, array{size: int, turn: int, content: string}> by the finish */
    private static function tiles(): array
    {
        if (null === self::$tiles) {
            /** @var array<string, array{size: int, turn: int, content: string}> $tiles */
            $tiles = \json_decode((string) \file_get_contents(__DIR__.'/finish-faces.json'), true, 8, \JSON_THROW_ON_ERROR);
            self::$tiles = $tiles;
        }

        return self::$tiles;
    }
}
