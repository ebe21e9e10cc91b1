<?php

declare(strict_types=1);

namespace Uvret\Design\Difference;

use Uvret\Design\Blank;

/** What became of the blank. */
final class BlankDifferences
{
    /** @return list<string> */
    public static function between(Blank $before, Blank $after): array
    {
        $said = [];
        if ($before->name !== $after->name || $before->size !== $after->size) {
            $said[] = "The blank is {$after->name}, {$after->size}.";
        } elseif ([$before->id, $before->drawing, $before->width, $before->height] !== [$after->id, $after->drawing, $after->width, $after->height]) {
            $said[] = "The blank {$after->name} has other measures.";
        }
        if ($before->keepOff != $after->keepOff) {
            $said[] = 'The places to keep off are others.';
        }
        if ($before->crossed !== $after->crossed) {
            $names = \array_column($after->keepOff, 'name', 'id');
            $crossed = \array_map(static fn (string $id): string => $names[$id] ?? $id, $after->crossed);
            $said[] = [] === $crossed ? 'No place to keep off may be crossed.' : 'Lettering may cross the '.\implode(', the ', $crossed).'.';
        }
        if ($before->fabric != $after->fabric) {
            $said[] = "The fabric is {$after->fabric->name}.";
        }
        if ($before->placement != $after->placement) {
            $said[] = "The placement is {$after->placement->name}.";
        }

        return $said;
    }
}
