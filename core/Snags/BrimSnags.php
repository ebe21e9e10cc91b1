<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Part;
use Uvret\Design\Design;

/** Ink that leaves the ring of a brim: beyond its edge, or under the crown. */
final class BrimSnags
{
    /** @return list<Snag> */
    public static function of(Design $design, Part $part): array
    {
        $placement = $design->blank->placement;
        $brim = $placement->brim;
        if (null === $brim || null === $part->ink) {
            return [];
        }
        // The brim is centred on the blank's measuring point.
        [$x, $y] = [-$placement->across, $placement->down];
        $farthest = [0.0, 0, 0];
        $nearest = [\INF, 0, 0];
        foreach ($part->region->rings() as $ring) {
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                $far = \hypot($ring[$i] - $x, $ring[$i + 1] - $y);
                $farthest = $far > $farthest[0] ? [$far, $ring[$i], $ring[$i + 1]] : $farthest;
                $nearest = $far < $nearest[0] ? [$far, $ring[$i], $ring[$i + 1]] : $nearest;
            }
        }
        $measure = static fn (float $length): string => $design->measure((int) \ceil($length));
        $snags = [];
        if ($farthest[0] > $brim->edge) {
            $snags[] = new Snag(
                kind: SnagKind::OffBrim,
                message: "The ink runs {$measure($farthest[0] - $brim->edge)} over the brim’s edge.",
                cure: 'Move the line further in from the edge, or make it smaller.',
                card: $part->card,
                film: $part->film,
                x: $farthest[1],
                y: $farthest[2],
            );
        }
        if ($nearest[0] < $brim->crown && \INF !== $nearest[0]) {
            $snags[] = new Snag(
                kind: SnagKind::OffBrim,
                message: "The ink runs {$measure($brim->crown - $nearest[0])} onto the crown.",
                cure: 'Move the line out towards the edge, or make it smaller.',
                card: $part->card,
                film: $part->film,
                x: $nearest[1],
                y: $nearest[2],
            );
        }

        return $snags;
    }
}
