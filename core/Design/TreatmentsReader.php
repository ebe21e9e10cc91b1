<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Treatment\Around;
use Uvret\Design\Treatment\Copies;
use Uvret\Design\Treatment\CopyKind;
use Uvret\Design\Treatment\Corners;
use Uvret\Design\Treatment\CutFrom;
use Uvret\Design\Treatment\Erasure;
use Uvret\Design\Treatment\Holes;
use Uvret\Design\Treatment\Inline;
use Uvret\Design\Treatment\Islands;
use Uvret\Design\Treatment\Near;
use Uvret\Design\Treatment\Rim;
use Uvret\Design\Treatment\SetInto;
use Uvret\Design\Treatment\Shadow;
use Uvret\Design\Treatment\ShadowKind;
use Uvret\Design\Treatment\Treatments;

/**
 * The treatments of a card, from a document that is valid and complete.
 *
 * @phpstan-import-type TreatmentsDocument from DesignReader
 * @phpstan-import-type RimDocument from DesignReader
 */
final class TreatmentsReader
{
    /** @param TreatmentsDocument $treatments */
    public static function read(object $treatments): Treatments
    {
        [$copies, $shadow, $inline, $into, $from] = [$treatments->copies, $treatments->shadow, $treatments->inline, $treatments->setInto, $treatments->cutFrom];

        return new Treatments(
            $treatments->group,
            \array_map(static fn (object $erasure): Erasure => new Erasure($erasure->id, self::upright($erasure->points), $erasure->hidden, $erasure->of->width, $erasure->of->height, (float) $erasure->of->turn), $treatments->erased),
            new Copies(CopyKind::from($copies->kind), $copies->across, $copies->down, $copies->gap, $copies->count, $copies->radius),
            \array_map(self::rim(...), $treatments->outlines),
            new Shadow(ShadowKind::from($shadow->kind), (float) $shadow->angle, $shadow->length, $shadow->gap, $shadow->film, Around::from($shadow->around)),
            new Inline($inline->width, $inline->distance, $inline->film),
            new SetInto($into->card, $into->clearance, Corners::from($into->corner), $into->keep),
            new CutFrom($from->card, Islands::from($from->islands), $from->bridge),
        );
    }

    /** @param RimDocument $rim */
    private static function rim(object $rim): Rim
    {
        return new Rim($rim->width, $rim->film, Corners::from($rim->corner), Holes::from($rim->holes), $rim->smallest, Near::from($rim->near), Around::from($rim->around));
    }

    /**
     * Documents measure down, like screens.
     *
     * @param list<int> $points
     *
     * @return list<int>
     */
    private static function upright(array $points): array
    {
        $up = [];
        foreach ($points as $number => $value) {
            $up[] = 1 === $number % 2 ? -$value : $value;
        }

        return $up;
    }
}
