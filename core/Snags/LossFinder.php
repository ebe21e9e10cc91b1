<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Part;
use Uvret\Design\Design;
use Uvret\Design\FilmLimits;
use Uvret\Geometry\Length;
use Uvret\Geometry\Region;

/**
 * Looks for strokes that are thinner than the film allows and for holes that are too small: what opening the shape
 * with a circle of the film's thinnest stroke takes away, and what the largest circle in a hole says.
 */
final readonly class LossFinder
{
    /** How finely the height at which all would pass is looked for. */
    private const STEPS = 6;

    /** What is thin over less than so many times the thinnest stroke is a corner, or the point of a form. */
    private const CORNER = 1.5;
    private const POINT = 6.0;

    /** Returns null where nothing is lost. */
    public function find(Design $design, Part $part): ?Loss
    {
        if (null === $part->ink || $part->hidden || $part->region->isEmpty()) {
            return null;
        }
        $limits = FilmLimits::of($design->film($part->film));
        // The points of stars and ribbons are meant to be sharp.
        $sharp = 0 === $part->letterHeight ? self::POINT : self::CORNER;
        $strokes = self::lost($part->region, $limits->thinnestStroke, $sharp);
        $holes = self::holes($part->region);
        $small = \array_filter($holes, static fn (array $hole): bool => $hole['across'] < $limits->smallestHole);
        if ($strokes->isEmpty() && [] === $small) {
            return null;
        }
        // Larger by a factor is as if the film allowed less by it.
        $good = 0.0;
        if (!$strokes->isEmpty()) {
            $bad = 1.0;
            for ($step = 0; $step < self::STEPS; ++$step) {
                $middle = ($good + $bad) / 2;
                self::lost($part->region, (int) \round($middle * $limits->thinnestStroke), $sharp)->isEmpty() ? $good = $middle : $bad = $middle;
            }
        } else {
            $good = 1.0;
        }
        foreach ($small as $hole) {
            $good = \min($good, $hole['across'] / $limits->smallestHole);
        }

        return new Loss(
            $part->card,
            $part->film,
            $strokes,
            Region::empty()->union(...\array_column($small, 'region')),
            $limits->thinnestStroke,
            $good > 0 && $part->letterHeight > 0 ? (int) \round($part->letterHeight / $good) : null,
        );
    }

    /** @return list<Snag> */
    public function snags(Design $design, Loss $loss): array
    {
        $measure = static fn (int $length): string => Length::ofMicrometres($length)->format($design->unit).' '.$design->unit->symbol();
        $cure = null === $loss->passHeight ? 'Choose a heavier face.' : "With letters {$measure($loss->passHeight)} high nothing would be lost; or choose a heavier face.";
        $snags = [];
        $pieces = $loss->strokes->pieces();
        \usort($pieces, static fn (Region $a, Region $b): int => $b->area() <=> $a->area());
        if ([] !== $pieces) {
            $box = $pieces[0]->bounds();
            $places = 1 === \count($pieces) ? 'one place' : \count($pieces).' places';
            $snags[] = new Snag(SnagKind::ThinStroke, "Strokes are thinner than {$measure($loss->limit)} in $places, so they would tear.", $cure, $loss->card, $loss->film, null === $box ? null : \intdiv($box->left + $box->right, 2), null === $box ? null : \intdiv($box->bottom + $box->top, 2));
        }
        $holes = $loss->holes->pieces();
        if ([] !== $holes) {
            $box = $holes[0]->bounds();
            $snags[] = new Snag(SnagKind::SmallHole, 1 === \count($holes) ? 'A hole is too small to weed.' : \count($holes).' holes are too small to weed.', $cure, $loss->card, $loss->film, null === $box ? null : \intdiv($box->left + $box->right, 2), null === $box ? null : \intdiv($box->bottom + $box->top, 2));
        }

        return $snags;
    }

    /** What is thinner than a limit: not the corners that a circle never fills. */
    private static function lost(Region $region, int $limit, float $sharp): Region
    {
        if ($limit < 10) {
            return Region::empty();
        }
        $thin = \array_filter($region->subtract($region->open(\intdiv($limit, 2)))->pieces(), static function (Region $piece) use ($limit, $sharp): bool {
            $box = $piece->bounds();

            return null !== $box && \hypot($box->width(), $box->height()) > $sharp * $limit && $piece->area() > 0.25 * $limit * $limit;
        });

        return Region::empty()->union(...\array_values($thin));
    }

    /** @return list<array{region: Region, across: int}> the holes as regions, and the largest circle in each */
    private static function holes(Region $region): array
    {
        return \array_map(static fn (Region $hole): array => ['region' => $hole, 'across' => (int) \round(2 * $hole->inscribedRadius())], $region->holes());
    }
}
