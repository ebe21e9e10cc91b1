<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Design\BrimRing;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/**
 * The sections that cover all film: one if the platen is large enough, otherwise several that overlap. Their edges fall between letters if
 * there is a gap within reach. On a brim the platen follows the ring.
 */
final readonly class Sections
{
    public function __construct(
        private Platen $platen,
        private int $overlap,
    ) {
    }

    /**
     * @param Region        $film everything to press
     * @param BrimRing|null $brim the brim, centred at 0, 0
     *
     * @return list<Section>
     */
    public function of(Region $film, ?BrimRing $brim): array
    {
        $box = $film->bounds();
        if (null === $box) {
            return [];
        }
        $pieces = \array_values(\array_filter(\array_map(static fn (Region $piece): ?Box => $piece->bounds(), $film->pieces())));
        if ($box->width() <= $this->platen->width && $box->height() <= $this->platen->height) {
            return [$this->at(\intdiv($box->left + $box->right, 2), \intdiv($box->bottom + $box->top, 2))];
        }

        return null === $brim ? $this->straight($box, $pieces) : $this->round($film);
    }

    /**
     * @param list<Box> $pieces
     *
     * @return list<Section>
     */
    private function straight(Box $box, array $pieces): array
    {
        $alongX = \array_map(static fn (Box $piece): array => [$piece->left, $piece->right], $pieces);
        $alongY = \array_map(static fn (Box $piece): array => [$piece->bottom, $piece->top], $pieces);
        $across = $this->spans($box->left, $box->right, $this->platen->width, $alongX);
        $down = $this->spans($box->bottom, $box->top, $this->platen->height, $alongY);
        $sections = [];
        foreach (\array_reverse($down) as [$bottom, $top, $cutsDown]) {
            foreach ($across as [$left, $right, $cutsAcross]) {
                $sections[] = $this->at(\intdiv($left + $right, 2), \intdiv($bottom + $top, 2), 0.0, $cutsAcross || $cutsDown);
            }
        }

        return $sections;
    }

    /**
     * Overlapping spans of the platen's length that cover a stretch. They start and end between pieces if possible.
     *
     * @param list<array{int, int}> $pieces from and to along the stretch
     *
     * @return list<array{int, int, bool}> from, to, and whether an edge crosses a piece
     */
    private function spans(int $from, int $to, int $length, array $pieces): array
    {
        if ($to - $from <= $length) {
            $middle = \intdiv($from + $to, 2);

            return [[$middle - \intdiv($length, 2), $middle - \intdiv($length, 2) + $length, false]];
        }
        $spans = [];
        $start = $from;
        while (true) {
            $end = $start + $length;
            if ($end >= $to) {
                // The last one extends no farther beyond the film than necessary.
                $earlier = [] === $spans ? $start : self::earliest($spans[\count($spans) - 1][0], $start, $to - $length, $pieces);
                $spans[] = [$earlier, $earlier + $length, self::cuts($earlier, $pieces)];

                return $spans;
            }
            // Tries starts from the latest: after a piece that this span covers, before the next piece.
            $latest = $end - $this->overlap;
            $begins = [];
            foreach ($pieces as [$left]) {
                if ($left <= $latest && $left > $start && !self::cuts($left, $pieces)) {
                    $begins[] = $left;
                }
            }
            $cuts = [] === $begins;
            $next = $cuts ? $latest : \max($begins);
            $spans[] = [$start, $end, $cuts || self::cuts($start, $pieces)];
            $start = $next;
        }
    }

    /**
     * The first start of a piece from `least` on that cuts no other piece.
     *
     * @param list<array{int, int}> $pieces
     */
    private static function earliest(int $after, int $start, int $least, array $pieces): int
    {
        $found = $start;
        foreach ($pieces as [$left]) {
            if ($left > $after && $left >= $least && $left < $found && !self::cuts($left, $pieces)) {
                $found = $left;
            }
        }

        return $found;
    }

    /**
     * Whether a place lies inside a piece.
     *
     * @param list<array{int, int}> $pieces
     */
    private static function cuts(int $at, array $pieces): bool
    {
        foreach ($pieces as [$left, $right]) {
            if ($left < $at && $at < $right) {
                return true;
            }
        }

        return false;
    }

    /**
     * Sections along the ring, with the platen's long side along the brim.
     *
     * @return list<Section>
     */
    private function round(Region $film): array
    {
        [$inner, $outer, $angles] = self::polar($film);
        // Width covered at the outer radius while still covering the inner one: chord and sagitta.
        $half = self::halfAngle($inner, $outer, $this->platen);
        $spans = $this->spans(
            (int) \floor($angles[0] * 1_000),
            (int) \ceil($angles[1] * 1_000),
            (int) \floor(2_000 * $half),
            $angles[2],
        );
        $sections = [];
        foreach ($spans as [$from, $to, $cuts]) {
            $angle = ($from + $to) / 2_000;
            $radius = self::middleRadius($inner, $outer, $half);
            $sections[] = $this->at(
                (int) \round($radius * \cos(\deg2rad($angle))),
                (int) \round($radius * \sin(\deg2rad($angle))),
                $angle - 90.0,
                $cuts,
            );
        }

        return $sections;
    }

    /** Half the angle of a band that the platen covers, in degrees. */
    private static function halfAngle(int $inner, int $outer, Platen $platen): float
    {
        $half = \min(80.0, \rad2deg(\asin(\min(1.0, $platen->width / 2 / $outer))));
        while ($half > 2.0 && $outer - $inner * \cos(\deg2rad($half)) > $platen->height) {
            $half -= 0.5;
        }

        return $half;
    }

    private static function middleRadius(int $inner, int $outer, float $half): float
    {
        return ($outer + $inner * \cos(\deg2rad($half))) / 2;
    }

    /**
     * The film's band around 0, 0 and the angles of its pieces, from the middle of the widest gap.
     *
     * @return array{int, int, array{float, float, list<array{int, int}>}} inner and outer radius; first and last angle in degrees, pieces in thousandths
     */
    private static function polar(Region $film): array
    {
        $inner = \PHP_INT_MAX;
        $outer = 1;
        $pieces = [];
        foreach ($film->pieces() as $piece) {
            $own = [];
            foreach ($piece->rings() as $ring) {
                for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                    $radius = \hypot($ring[$i], $ring[$i + 1]);
                    $inner = (int) \min($inner, \floor($radius));
                    $outer = (int) \max($outer, \ceil($radius));
                    $own[] = \rad2deg(\atan2($ring[$i + 1], $ring[$i]));
                }
            }
            $pieces[] = $own;
        }
        $seam = self::seam(\array_merge(...$pieces));
        $spans = [];
        [$from, $to] = [\PHP_INT_MAX, \PHP_INT_MIN];
        foreach ($pieces as $own) {
            [$first, $last] = [\PHP_INT_MAX, \PHP_INT_MIN];
            foreach ($own as $angle) {
                $along = 1_000 * (\fmod($angle - $seam + 720.0, 360.0) + $seam);
                [$first, $last] = [(int) \min($first, \floor($along)), (int) \max($last, \ceil($along))];
            }
            $spans[] = [$first, $last];
            [$from, $to] = [\min($from, $first), \max($to, $last)];
        }

        return [$inner, $outer, [$from / 1_000, $to / 1_000, $spans]];
    }

    /**
     * The middle of the widest gap between angles.
     *
     * @param list<float> $angles in degrees
     */
    private static function seam(array $angles): float
    {
        \sort($angles);
        $angles[] = $angles[0] + 360.0;
        $seam = 0.0;
        $widest = -1.0;
        for ($i = 1, $count = \count($angles); $i < $count; ++$i) {
            if ($angles[$i] - $angles[$i - 1] > $widest) {
                $widest = $angles[$i] - $angles[$i - 1];
                $seam = $angles[$i] - $widest / 2;
            }
        }

        return $seam;
    }

    private function at(int $x, int $y, float $turn = 0.0, bool $cuts = false): Section
    {
        return new Section($x, $y, $this->platen->width, $this->platen->height, $turn, $cuts);
    }
}
