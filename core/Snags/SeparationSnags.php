<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Design\Design;
use Uvret\Design\Film;
use Uvret\Design\Layering\JointKind;
use Uvret\Separate\CutLayer;
use Uvret\Separate\FilmStacks;
use Uvret\Separate\Separation;

/** Problems of films pressed over one another. */
final readonly class SeparationSnags
{
    /** Lightness below which a colour shows through translucent film. */
    private const DARK = 0.45;

    /** @return list<Snag> */
    public static function of(Design $design, Separation $separation): array
    {
        return [...self::thickness($design, $separation), ...self::shining($design, $separation)];
    }

    /** @return list<Snag> */
    private static function thickness(Design $design, Separation $separation): array
    {
        $limit = $design->layering->thickest;
        // The total of all films is an upper bound.
        if (\array_sum(\array_map(static fn (CutLayer $layer): int => $layer->film->thickness, $separation->layers)) <= $limit) {
            return [];
        }
        $stack = FilmStacks::of($separation->layers)->stacks[0] ?? null;
        if (null === $stack || $stack->thickness() <= $limit) {
            return [];
        }
        $measure = static fn (int $length): string => \sprintf('%.2f mm', $length / 1_000);
        $box = $stack->region->pieces()[0]->bounds();
        $names = \array_map(static fn (Film $film): string => $film->name, $stack->films);
        $last = \array_pop($names);

        return [
            new Snag(
                kind: SnagKind::TooThick,
                message: 'Stacked, '.\implode(', ', $names)." and {$last} are {$measure($stack->thickness())} thick; the limit is {$measure($limit)}.",
                cure: 'Punch out the lower film, butt the edges, or choose a thinner film.',
                card: null,
                film: $stack->films[0]->id,
                x: null === $box ? null : \intdiv($box->left + $box->right, 2),
                y: null === $box ? null : \intdiv($box->bottom + $box->top, 2),
            ),
        ];
    }

    /** @return list<Snag> */
    private static function shining(Design $design, Separation $separation): array
    {
        $snags = [];
        foreach ($separation->layers as $layer) {
            if ($layer->film->opaque) {
                continue;
            }
            $beneath = self::light($design->blank->fabric->colour) < self::DARK ? $design->blank->fabric->name : null;
            foreach ($separation->joints as $joint) {
                if (
                    $joint->upper === $layer->film
                    && JointKind::Butted !== $joint->kind
                    && JointKind::Gap !== $joint->kind
                    && self::light($joint->lower->colour) < self::DARK
                ) {
                    $beneath = $joint->lower->name;
                }
            }
            if (null !== $beneath) {
                $box = $layer->shown->bounds();
                $snags[] = new Snag(
                    kind: SnagKind::ShowsThrough,
                    message: "{$layer->film->name} is translucent and will look darker over {$beneath}.",
                    cure: 'Choose an opaque film, or a lighter blank.',
                    card: null,
                    film: $layer->film->id,
                    x: null === $box ? null : \intdiv($box->left + $box->right, 2),
                    y: $box?->top,
                );
            }
        }

        return $snags;
    }

    /** How light a colour is, from 0 to 1 (Rec. 709 weights). */
    private static function light(string $colour): float
    {
        [$red, $green, $blue] = \array_map(static fn (string $pair): float => \hexdec($pair) / 255, \str_split(\substr($colour, 1), 2));

        return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;
    }
}
