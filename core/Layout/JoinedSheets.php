<?php

declare(strict_types=1);

namespace Uvret\Layout;

use Uvret\Cut\CutSheet;
use Uvret\Cut\Frame\SharedEdge;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Joins the sheets of one film into one sheet; an edge shared by two frames is cut once. */
final class JoinedSheets
{
    /**
     * @param non-empty-list<array{CutSheet, Affine}> $sheets each with its position: x across the film from its far edge, y along it
     * @param Box                                     $box    the film
     */
    public static function of(array $sheets, Box $box): CutSheet
    {
        /** @var list<Region> $regions */
        $regions = $marks = $frames = $parting = [];
        foreach ($sheets as [$sheet, $map]) {
            $regions[] = $sheet->region->transform($map);
            $marks[] = $sheet->marks->transform($map);
            $frames[] = $sheet->frame->transform($map);
            \array_push($parting, ...\array_map($map->line(...), $sheet->parting));
        }

        return new CutSheet(
            film: $sheets[0][0]->film,
            region: Region::empty()->union(...$regions),
            marks: Region::empty()->union(...$marks),
            frame: Region::empty()->union(...$frames),
            box: $box,
            turned: false,
            parting: [...$parting, ...SharedEdge::among($frames)],
        );
    }
}
