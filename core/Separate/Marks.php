<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Design\Layering\MarkKind;
use Uvret\Design\Weeding\Margins;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/**
 * Registration marks: the same shapes in the same place on every layer, outside all ink. No rotation or mirroring maps them onto
 * themselves, so a layer can't be placed the wrong way. Lengths are in µm.
 */
final readonly class Marks
{
    /** Distance of corner marks from the ink. */
    public const MARGIN = 6_000;

    /** Minimum distance of a box with a cut corner from the ink. */
    private const BOX_MARGIN = 4_000;

    private const LEG = 3_600;
    private const LONG_LEG = 5_400;
    private const PIN = 3_000;
    private const INSET = 500;

    /**
     * @param Region $frame  weeding box shared by all layers; empty if each has its own
     * @param Region $shapes marks inside the frame
     */
    private function __construct(
        public MarkKind $kind,
        public Region $frame,
        public Region $shapes,
    ) {
    }

    public static function none(): self
    {
        return new self(MarkKind::None, Region::empty(), Region::empty());
    }

    /**
     * @param Box     $ink     of all layers together
     * @param Margins $margins margins of the weeding box, widened where marks need room
     */
    public static function around(Box $ink, MarkKind $kind, Margins $margins): self
    {
        $whole = $margins->least(MarkKind::Box === $kind ? self::BOX_MARGIN : self::MARGIN)->around($ink);
        $rectangle = $whole->toRegion();
        $box = MarkKind::Box === $kind ? $whole : $ink->grown(self::MARGIN);
        [$left, $right, $bottom, $top] = [$box->left + self::INSET, $box->right - self::INSET, $box->bottom + self::INSET, $box->top - self::INSET];

        return match ($kind) {
            MarkKind::None => self::none(),
            // A slanted corner, so that not even a square fits the other way round.
            MarkKind::Box => new self(
                $kind,
                Region::fromRings([
                    [
                        $box->left,
                        $box->bottom,
                        $box->right - self::LONG_LEG,
                        $box->bottom,
                        $box->right,
                        $box->bottom + self::LEG,
                        $box->right,
                        $box->top,
                        $box->left,
                        $box->top,
                    ],
                ]),
                Region::empty(),
            ),
            // Three of four corners, one longer than the others.
            MarkKind::Corners => new self($kind, $rectangle, Region::fromRings([
                [$left, $top, $left, $top - self::LEG, $left + self::LEG, $top],
                [$right, $top, $right - self::LEG, $top, $right, $top - self::LEG],
                [$left, $bottom, $left + self::LONG_LEG, $bottom, $left, $bottom + self::LEG],
            ])),
            MarkKind::Pins => new self($kind, $rectangle, Region::empty()->union(
                self::disc($left, $top - self::PIN),
                self::disc($right - self::PIN, $top - self::PIN),
                self::disc($left + \intdiv($box->width(), 3), $bottom),
            )),
        };
    }

    private static function disc(int $left, int $bottom): Region
    {
        $radius = \intdiv(self::PIN, 2);
        $points = [];
        for ($step = 0; $step < 48; ++$step) {
            $angle = 2 * \M_PI * $step / 48;
            \array_push($points, $left + $radius + (int) \round($radius * \cos($angle)), $bottom + $radius + (int) \round($radius * \sin($angle)));
        }

        return Region::fromRings([$points]);
    }
}
