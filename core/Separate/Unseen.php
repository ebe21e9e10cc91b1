<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Compose\Part;
use Uvret\Geometry\Region;

/** A fully hidden part, and the card that hides most of it. */
final readonly class Unseen
{
    /** Rounding error along an edge that is covered exactly, in µm² per µm. */
    private const HAIR = 2.0;

    private function __construct(
        public Part $part,
        public string $by,
    ) {
    }

    /**
     * The parts of a run that other films hide.
     *
     * @param Region    $left  visible part of the run
     * @param list<Run> $above runs of other films above it
     *
     * @return list<self>
     */
    public static function among(Run $run, Region $left, array $above): array
    {
        if ([] === $above || $left->area() > $run->region->area() * (1 - 1e-9)) {
            return [];
        }
        $unseen = [];
        $covered = $run->region->area() - $left->area();
        foreach ($run->parts as $part) {
            if (self::isSurelySeen($part->region, $left, $covered)) {
                continue;
            }
            $seen = 1 === \count($run->parts) ? $left : $part->region->intersect($left);
            if ($seen->area() <= self::HAIR * $seen->perimeter()) {
                $by = self::hiding($part, $above);
                if (null !== $by) {
                    $unseen[] = new self($part, $by);
                }
            }
        }

        return $unseen;
    }

    /**
     * Cheap test that avoids an overlay for most parts.
     *
     * @param float $covered area of all parts together that is covered
     */
    private static function isSurelySeen(Region $part, Region $left, float $covered): bool
    {
        if ($part->area() - $covered > self::HAIR * $left->perimeter()) {
            return true;
        }
        // An unchanged outer ring means that something shows along it.
        $pieces = [];
        foreach ($left->pieces() as $piece) {
            [$x, $y] = $piece->rings()[0];
            $pieces["$x $y"] = $piece;
        }
        foreach ($part->rings() as $ring) {
            $piece = $pieces["$ring[0] $ring[1]"] ?? null;
            if (null !== $piece && $piece->rings()[0] === $ring && $piece->area() > self::HAIR * $piece->perimeter()) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Run> $above */
    private static function hiding(Part $part, array $above): ?string
    {
        [$most, $by] = [0.0, null];
        foreach ($above as $run) {
            foreach ($run->parts as $upper) {
                $common = $upper->card === $part->card ? 0.0 : $upper->region->intersect($part->region)->area();
                if ($common > $most) {
                    [$most, $by] = [$common, $upper->card];
                }
            }
        }

        return $by;
    }
}
