<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Compose\CompositionException;
use Uvret\Compose\Sizing;
use Uvret\Compose\Surroundings;
use Uvret\Compose\TypesetWords;
use Uvret\Design\Follow\Ends;
use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Follow\RingPart;
use Uvret\Design\Line;
use Uvret\Type\FontException;

/**
 * How much more room letters need so that the lettering on a ring closes it evenly, or leaves gaps of a given length between its ends.
 *
 * All lines on the ring take their angles, each at its own measured radius; what is left of the circle is shared by all
 * letters alike, or by the spaces alone where letters join.
 */
final readonly class RingSpread
{
    /** Lines too long for their ring are tightened by at most this share of their em. */
    private const TIGHTEST = -0.12;

    /**
     * @param float $across µm that a font unit takes along the line
     *
     * @return array{float, float} extra room after each letter and each space, in font units
     *
     * @throws CompositionException|FontException
     */
    public static function of(Line $line, TypesetWords $lettering, float $across, float $up, Surroundings $surroundings): array
    {
        if (FollowPath::Ring !== $line->follows->path || null === $lettering->ink) {
            return [0.0, 0.0];
        }
        $leader = $surroundings->ringLeader($line)->follows->ring;
        if (Ends::Own === $leader->ends) {
            return [0.0, 0.0];
        }
        $texts = [[$line, $lettering, $across, $up]];
        $partner = $surroundings->ringPartner($line);
        if (null !== $partner && RingPart::Round !== $line->follows->ring->part && $partner->follows->ring->part !== $line->follows->ring->part) {
            $other = TypesetWords::of($partner->lettering, $surroundings->font($partner), $partner->place->align);
            $scale = Sizing::straight($partner, $other, $surroundings->room($partner));
            if (null !== $scale) {
                $texts[] = [$partner, $other, ...$scale];
            }
        }
        $left = 2 * \M_PI;
        $takers = 0.0;
        foreach ($texts as [$text, $letters, $along, $high]) {
            $radius = self::measuredRadius($text, (float) $leader->radius, $letters->font->letterHeight() * $high);
            [$length, $gaps] = self::takes($letters, $along, $leader->ends, (float) $leader->gap, $surroundings->joins($text));
            $left -= $length / $radius;
            $takers += $gaps / $radius;
        }
        if ($takers <= 0.0) {
            return [0.0, 0.0];
        }
        $room = \max($left / $takers / $across, self::TIGHTEST * $lettering->font->unitsPerEm);

        return $surroundings->joins($line) ? [0.0, $room] : [$room, 0.0];
    }

    /** @return array{float, float} a line's angle without extra room, including the gap at its end, and the number of places to add room */
    private static function takes(TypesetWords $lettering, float $across, Ends $ends, float $gap, bool $joins): array
    {
        [$left, , $right] = $lettering->ink ?? [0.0, 0.0, 0.0, 0.0];

        return Ends::Gap === $ends
            ? [($right - $left) * $across + $gap, $joins ? $lettering->spaces : $lettering->letters - 1]
            // As if a space followed the end, before the first letter again.
            : [($lettering->advance + $lettering->space) * $across, $joins ? $lettering->spaces + 1 : $lettering->letters + 1];
    }

    private static function measuredRadius(Line $line, float $radius, float $letterHeight): float
    {
        $ring = $line->follows->ring;
        $measured = PathOffsets::of($line->follows, $letterHeight)->measured;
        $inside = RingPart::Lower === $ring->part || (RingPart::Round === $ring->part && $ring->topsInwards);

        return \max(1.0, $radius + ($inside ? -$measured : $measured));
    }
}
