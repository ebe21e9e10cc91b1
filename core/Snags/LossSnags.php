<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\PartRole;
use Uvret\Design\Design;
use Uvret\Design\Treatment\Into;
use Uvret\Geometry\Region;

/** Places of a part that are too thin or too small to cut, with measure and cure. */
final readonly class LossSnags
{
    /** Maximum heft, in µm, and the safety factor on it. */
    private const HEAVIEST = 2_000;
    private const MORE = 1.35;

    /** @return list<Snag> */
    public static function of(Design $design, Loss $loss): array
    {
        $measure = $design->measure(...);
        [$heavier, $open, $gently] = self::cures($design, $loss);
        $isInset = Into::None !== ($design->treatments()[$loss->card]->setInto->into ?? Into::None);
        $strokes = PartRole::Base === $loss->role ? 'Strokes are' : "The {$loss->role->value} is";
        $thin = "thinner than {$measure($loss->limit)}";
        $least = $measure($loss->thinnest) === $measure($loss->limit) ? '(only just)' : "(thinnest about {$measure($loss->thinnest)})";
        $snags = [];
        foreach ([
            [
                SnagKind::ThinStroke,
                $loss->strokes,
                static fn (string $places): string => ($isInset ? 'The inset’s own strokes are' : $strokes)." $thin in $places $least and would tear.",
                $heavier,
            ],
            [
                SnagKind::ThinNeck,
                $loss->necks,
                static fn (string $places, int $count): string => 1 === $count
                    ? "A neck is narrower than {$measure($loss->limit)} $least."
                    : "$count necks are narrower than {$measure($loss->limit)} $least.",
                'Join it more firmly, make it larger, or let the parts separate.',
            ],
            [
                SnagKind::ThinTail,
                $loss->tails,
                static fn (string $places, int $count): string => 1 === $count
                    ? "A tail is $thin over its last {$measure($loss->longest)}."
                    : "$count tails are $thin to their ends, the longest over {$measure($loss->longest)}.",
                $gently,
            ],
            [
                SnagKind::ThinRemains,
                $loss->remains,
                static fn (string $places): string => "The film around the inset is $thin in $places $least.",
                'Reduce the clearance, move the inset, or make the card around it heavier.',
            ],
            [
                SnagKind::SmallHole,
                $loss->holes,
                static fn (string $places, int $count): string => 1 === $count ? 'A hole is too small to weed.' : "$count holes are too small to weed.",
                $open,
            ],
        ] as [$kind, $region, $say, $cure]) {
            $pieces = $region->pieces();
            if ([] === $pieces) {
                continue;
            }
            \usort($pieces, static fn (Region $a, Region $b): int => $b->area() <=> $a->area());
            $box = $pieces[0]->bounds();
            $count = \count($pieces);
            $snags[] = new Snag(
                kind: $kind,
                message: $say(1 === $count ? 'one place' : "$count places", $count),
                cure: $cure,
                card: $loss->card,
                film: $loss->film,
                x: null === $box ? null : \intdiv($box->left + $box->right, 2),
                y: null === $box ? null : \intdiv($box->bottom + $box->top, 2),
                fixes: \in_array($kind, [SnagKind::ThinStroke, SnagKind::ThinNeck], true) ? self::fixes($design, $loss, $measure) : [],
            );
        }

        return $snags;
    }

    /** @return array{string, string, string} what to do about thin strokes, small holes and tails */
    private static function cures(Design $design, Loss $loss): array
    {
        if (PartRole::Base !== $loss->role) {
            return \array_fill(0, 3, "Make the {$loss->role->value} wider, choose another film, or leave it out.");
        }
        if (null === $design->line($loss->card)) {
            return [
                'Make it larger, or choose a film that holds finer detail.',
                'Make it larger, or choose a film that holds finer detail.',
                'Weed it gently, or round its end.',
            ];
        }
        $high = static fn (int $height): string => "Make the letters at least {$design->measure($height)} high, or choose a";

        return [
            null === $loss->strokeHeight ? 'Choose a heavier font, or move the letters where they hardly join.' : $high($loss->strokeHeight).' heavier font.',
            null === $loss->holeHeight ? 'Choose a more open font, or move the letters if it is between two.' : $high($loss->holeHeight).' more open font.',
            'Weed it gently, round its end, or choose a heavier font.',
        ];
    }

    /**
     * Cures that make a line thick enough: larger letters or heavier strokes.
     *
     * @param callable(int): string $measure
     *
     * @return list<SnagFix>
     */
    private static function fixes(Design $design, Loss $loss, callable $measure): array
    {
        $line = $design->line($loss->card);
        if (null === $line || PartRole::Base !== $loss->role) {
            return [];
        }
        $fixes = null === $loss->strokeHeight ? [] : [new SnagFix("Letters {$measure($loss->strokeHeight)} high", letterHeight: $loss->strokeHeight)];
        // A little extra, since heavier letters are slightly smaller at the same width.
        $heavier = (int) (10 * \ceil(self::MORE * ($loss->limit - $loss->thinnest) / 2 / 10));
        $heft = $line->lettering->heft + $heavier;

        return $heavier > 0 && $heft <= self::HEAVIEST ? [...$fixes, new SnagFix("Strokes {$measure(2 * $heavier)} heavier", heft: $heft)] : $fixes;
    }
}
