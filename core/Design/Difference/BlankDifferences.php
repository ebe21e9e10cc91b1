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
        } elseif ([$before->id, $before->drawing, $before->width] !== [$after->id, $after->drawing, $after->width]) {
            $said[] = "The blank {$after->name} has other measures.";
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
