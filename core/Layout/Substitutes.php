<?php

declare(strict_types=1);

namespace Uvret\Layout;

use Uvret\Layout\Nest\Nesting;
use Uvret\Layout\Nest\Piece;

/** Finds pieces of a film that runs short that would fit on scraps of other films. */
final class Substitutes
{
    /**
     * @param list<Piece> $pieces
     * @param list<Stock> $scraps each considered alone
     * @param int         $gap    between frames, in µm
     *
     * @return array<string, int> number of pieces by scrap, none if nothing fits
     */
    public static function fit(array $pieces, array $scraps, int $gap): array
    {
        $fit = [];
        foreach ($scraps as $scrap) {
            $count = [] === $pieces ? 0 : \count(Nesting::steps($pieces, [$scrap], $gap)->current()->places);
            if ($count > 0) {
                $fit[$scrap->id] = $count;
            }
        }

        return $fit;
    }
}
