<?php

declare(strict_types=1);

namespace Uvret\Compose\Forms;

use Uvret\Design\Motif;
use Uvret\Design\MotifColour;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Curve\Path;
use Uvret\Geometry\Curve\PathBuilder;
use Uvret\Geometry\FillRule;
use Uvret\Geometry\Region;
use Uvret\Geometry\YAxis;

/** Outlines of motifs: turned, centred on the origin, all colours together filling the motif's width and height. */
final readonly class MotifOutline
{
    /**
     * Shapes by film.
     *
     * @return list<array{film: string|null, region: Region}> a region for each colour, or for each piece where some are otherwise;
     *                                                        without a film they are left out
     */
    public static function parts(Motif $motif): array
    {
        $turn = self::turn($motif);
        if ([] === $motif->pieces) {
            return \array_map(
                static fn (MotifColour $colour, Region $region): array => ['film' => $colour->film, 'region' => $region],
                $motif->colours,
                self::drawn($motif, $turn),
            );
        }

        return \array_map(
            static fn (array $piece): array => ['film' => $piece['film'], 'region' => $piece['region']->transform($turn)],
            MotifPieces::of($motif, self::drawn($motif, Affine::identity())),
        );
    }

    /**
     * One piece; null if there is none at that point.
     *
     * @param array{colour: int, x: int, y: int} $at a point in it as it was drawn, in ten-thousandths of the motif
     */
    public static function piece(Motif $motif, array $at): ?Region
    {
        return MotifPieces::at($motif, self::drawn($motif, Affine::identity()), $at)?->transform(self::turn($motif));
    }

    /** Moves an outline to the motif's place. */
    public static function place(Motif $motif): Affine
    {
        return Affine::move($motif->place->x, $motif->place->y);
    }

    /** @return list<mixed> every setting that changes the outlines */
    public static function settings(Motif $motif): array
    {
        return [$motif->colours, $motif->size, $motif->place->turn, $motif->pieces];
    }

    private static function turn(Motif $motif): Affine
    {
        return Affine::turn(-$motif->place->turn);
    }

    /**
     * As drawn, at its size, about its centre, then mapped.
     *
     * @return list<Region> for each colour
     */
    public static function drawn(Motif $motif, Affine $place): array
    {
        $paths = \array_map(static fn (MotifColour $colour): Path => self::path($colour->path), $motif->colours);
        $bounds = Path::empty()->joined(...$paths)->bounds();
        if (null === $bounds) {
            return \array_map(static fn (): Region => Region::empty(), $paths);
        }
        [$left, $bottom, $right, $top] = $bounds;
        $map = Affine::move(-($left + $right) / 2, -($bottom + $top) / 2)
            ->then(Affine::scale($motif->size->width / \max(1.0, $right - $left), $motif->size->height / \max(1.0, $top - $bottom)))
            ->then($place);

        return \array_map(static fn (Path $path): Region => Region::fromRings(Flattening::rings($path, $map), FillRule::EvenOdd), $paths);
    }

    /** Reads M, L, C and Z with whole numbers, y down. */
    private static function path(string $data): Path
    {
        $builder = new PathBuilder();
        \preg_match_all('/([MLCZ])([^MLCZ]*)/', $data, $commands, \PREG_SET_ORDER);
        foreach ($commands as [, $command, $text]) {
            \preg_match_all('/-?\d+(?:\.\d+)?/', $text, $numbers);
            $n = YAxis::points(\array_map(\floatval(...), $numbers[0]));
            if ('M' === $command && \count($n) >= 2) {
                $builder->moveTo($n[0], $n[1]);
            } elseif ('L' === $command && \count($n) >= 2) {
                $builder->lineTo($n[0], $n[1]);
            } elseif ('C' === $command && \count($n) >= 6) {
                $builder->cubicTo($n[0], $n[1], $n[2], $n[3], $n[4], $n[5]);
            } elseif ('Z' === $command) {
                $builder->close();
            }
        }

        return $builder->path();
    }
}
