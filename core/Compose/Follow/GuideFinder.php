<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Compose\CompositionException;
use Uvret\Compose\Surroundings;
use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Follow\Outline;
use Uvret\Design\Follow\RingPart;
use Uvret\Design\Line;

/** Line → guide: its path, for a letter size. */
final class GuideFinder
{
    /**
     * @param float $length       of the line's ink
     * @param float $lowest       of its ink, below the baseline
     * @param float $highest      of its ink, above the baseline
     * @param float $letterHeight of the letter H
     *
     * @return Guide|null null if the line is straight
     *
     * @throws CompositionException if there is nothing to follow
     */
    public static function find(Line $line, float $length, float $lowest, float $highest, float $letterHeight, Surroundings $surroundings): ?Guide
    {
        $follows = $line->follows;
        $offsets = PathOffsets::of($follows, $letterHeight);

        return match ($follows->path) {
            FollowPath::Straight => null,
            FollowPath::Arc => self::arc($line, $length, $offsets),
            FollowPath::Ring => self::ring($line, $offsets, $surroundings),
            FollowPath::Brim => self::brim($line, $offsets, $surroundings),
            FollowPath::Spiral => new SpiralGuide(
                $follows->spiral->x,
                $follows->spiral->y,
                $follows->spiral->inner - $offsets->baseline - $lowest,
                $follows->spiral->pitch / 100 * \max($highest - $lowest, 1.0),
                $length,
                $follows->spiral->fromInside,
                $offsets,
                $line->place->turn,
            ),
            FollowPath::Outline => self::outline($follows->outline, $offsets, $letterHeight, $surroundings),
        };
    }

    private static function arc(Line $line, float $length, PathOffsets $offsets): ?Guide
    {
        $arc = $line->follows->arc;
        $radius = ArcMeasure::radius($arc, $length, $offsets->measured);
        if (null === $radius) {
            return null;
        }

        return new CircleGuide(0, $arc->bowsDown ? $radius : -$radius, $radius, $arc->bowsDown, $offsets, 0.0, 355.0);
    }

    private static function ring(Line $line, PathOffsets $offsets, Surroundings $surroundings): Guide
    {
        $own = $line->follows->ring;
        $ring = $surroundings->ringLeader($line)->follows->ring;
        $inside = RingPart::Lower === $own->part || (RingPart::Round === $own->part && $own->topsInwards);
        $aligned = RingPart::Round === $own->part ? 0.0 : RingAlign::angle($line->place->align, $inside);

        return new CircleGuide($ring->x, $ring->y, $ring->radius, $inside, $offsets, $line->place->turn + $aligned, 360.0);
    }

    /** @throws CompositionException if the placement has no brim */
    private static function brim(Line $line, PathOffsets $offsets, Surroundings $surroundings): Guide
    {
        $brim = $line->follows->brim;
        $ring = $surroundings->brim ?? throw CompositionException::noBrim();
        $inside = RingPart::Upper !== $brim->part;

        return new CircleGuide(
            $surroundings->brimX,
            $surroundings->brimY,
            \max(1000, $ring->edge - $brim->inset),
            $inside,
            $offsets,
            $line->place->turn,
            $brim->span,
        );
    }

    /** @throws CompositionException if the shape is not there */
    private static function outline(Outline $outline, PathOffsets $offsets, float $letterHeight, Surroundings $surroundings): Guide
    {
        $shape = $surroundings->shapes[$outline->shape] ?? throw CompositionException::noShape();
        // Sharp corners would tear letters apart.
        $rounding = (int) \round(\max(1000.0, \min(0.5 * $letterHeight, 0.2 * $shape->inscribedRadius())));

        return OutlineGuide::of($shape, $outline->inside, $offsets, $rounding, $outline->start / 100) ?? throw CompositionException::noShape();
    }
}
