<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Part;
use Uvret\Design\Treatment\Erasure;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;

/** Erased pieces of a card, moved along with it. */
final class Pieces
{
    /** @param list<Erasure> $erased */
    public static function of(array $erased, Part $card): Region
    {
        $rings = [];
        foreach ($erased as $erasure) {
            if (!$erasure->hidden) {
                $rings[] = self::ring($erasure, self::place($erasure, $card));
            }
        }

        return Region::fromRings($rings);
    }

    /** Maps the card's position when the piece was erased to its current one. */
    private static function place(Erasure $erasure, Part $card): Affine
    {
        if (!$erasure->growsWithCard()) {
            $ink = $card->ink;

            return null === $ink ? Affine::identity() : Affine::move(\intdiv($ink->left + $ink->right, 2), \intdiv($ink->bottom + $ink->top, 2));
        }
        // Letter height shows a line's scale even if words were added.
        [$width, $height] = $card->letterHeight > 0 ? [$card->letterHeight, $card->letterHeight] : [$card->width, $card->height];

        return Affine::turn($erasure->of->turn)
            ->then(Affine::scale($width / $erasure->of->width, $height / $erasure->of->height))
            ->then(Affine::turn(-$card->turn))
            ->then(Affine::move($card->middleX, $card->middleY));
    }

    /** @return list<int> */
    private static function ring(Erasure $erasure, Affine $place): array
    {
        $ring = [];
        foreach (\array_chunk($erasure->points, 2) as [$x, $y]) {
            $ring[] = (int) \round($place->a * $x + $place->c * $y + $place->e);
            $ring[] = (int) \round($place->b * $x + $place->d * $y + $place->f);
        }

        return $ring;
    }
}
