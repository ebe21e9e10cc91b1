<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\PartRole;
use Uvret\Design\Treatment\Clean;
use Uvret\Design\Treatment\Near;
use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\RingMeasure;
use Uvret\Geometry\Region;

/** Removes rubbish that a treatment left; shapes that existed before it stay. */
final class Cleaner
{
    /** Distance within which a kept speck is recognised, in µm. */
    private const SAME = 600;

    /** Distance at which pieces touch, in µm. */
    private const TOUCH = 12;

    /** Length-to-breadth ratio of a sliver. */
    private const LONG = 4.0;

    /** Area a circle of radius r leaves in a corner of ≥ 75°, in r²; anything smaller is a corner, not a notch. */
    private const BLUNT = 0.35;

    /** Maximum breadth of a rounding sliver along an edge, in µm. */
    private const ROUNDING = 4.0;

    /** @var list<Removal> */
    private array $removals = [];

    public function __construct(
        private readonly Clean $limits,
        private readonly string $card,
        private readonly string $film = '',
        private readonly PartRole $role = PartRole::Base,
    ) {
    }

    /** @return list<Removal> */
    public function removals(): array
    {
        return $this->removals;
    }

    /**
     * Tidies after a cut-out: pinholes, dots, slivers, and spikes at the cut.
     *
     * @param Region  $before the shape before the cut
     * @param Cutting $cut    the cut-out
     */
    public function afterCut(Region $region, Region $before, Cutting $cut): Region
    {
        $known = self::ringKeys($before);
        $region = $this->withoutSpecks($this->withoutPinholes($region, $known), $known);

        return $this->withoutSpikes($region, $cut);
    }

    /** Tidies after growing: notches between curves, rims that nearly touch, pinholes. */
    public function afterGrowing(Region $region, Near $near): Region
    {
        $reach = \max(1, \intdiv(Near::AsIs === $near ? $this->limits->spike : \max($this->limits->gap, $this->limits->spike), 2));
        $filled = $region->close($reach)->subtract($region);
        $fill = $open = [];
        // Ignores rounding, and inner corners of letters, which would only be blunted.
        $pieces = \array_values(\array_filter(
            $filled->pieces(),
            static fn (Region $piece): bool => $piece->area() >= \max(40.0 * $reach, self::BLUNT * $reach * $reach),
        ));
        $gaps = $this->gaps($region, $pieces);
        foreach ($pieces as $piece) {
            $kind = \in_array($piece, $gaps, true) ? RemovalKind::Gap : RemovalKind::Nub;
            if (RemovalKind::Gap === $kind && Near::Apart === $near) {
                $open[] = $piece;
            } elseif ($this->remove($kind, $piece)) {
                $fill[] = $piece;
            }
        }
        if ([] !== $open) {
            $gap = Region::empty()->union(...$open);
            $region = $region->subtract($gap->offset(\intdiv($this->limits->gap, 2)));
        }

        return $this->withoutPinholes([] === $fill ? $region : $region->union(...$fill), []);
    }

    /**
     * Filled pieces between two edges, as opposed to notches.
     *
     * @param list<Region> $pieces
     *
     * @return list<Region>
     */
    private function gaps(Region $region, array $pieces): array
    {
        $long = \array_values(\array_filter($pieces, fn (Region $piece): bool => $this->isLong($piece)));
        if ([] === $long) {
            return [];
        }
        $grown = \array_map(static fn (Region $piece): Region => $piece->offset(self::TOUCH), $long);
        $touches = Region::empty()->union(...$grown)->intersect($region)->pieces();

        return \array_values(\array_filter($long, static function (Region $piece) use ($long, $grown, $touches): bool {
            $own = $grown[(int) \array_search($piece, $long, true)];
            $box = $own->bounds() ?? new Box(0, 0, 0, 0);

            return \count(\array_filter(
                $touches,
                static fn (Region $touch): bool => true === $touch->bounds()?->overlaps($box) && !$touch->intersect($own)->isEmpty(),
            )) > 1;
        }));
    }

    private function isLong(Region $piece): bool
    {
        $box = $piece->bounds() ?? new Box(0, 0, 0, 0);
        $length = \max($box->width(), $box->height());

        return $length > 1.5 * $this->limits->gap && 2 * $piece->area() / \max(1.0, $piece->perimeter()) * self::LONG < $length;
    }

    /** @param array<string, true> $known rings that existed before */
    private function withoutPinholes(Region $region, array $known): Region
    {
        $filled = [];
        foreach ($region->rings() as $ring) {
            if (RingMeasure::area($ring) >= 0 || isset($known[self::key($ring)])) {
                continue;
            }
            $hole = Region::fromRings([\array_merge(...\array_reverse(\array_chunk($ring, 2)))]);
            if (self::isNarrow($hole, $this->limits->hole) && $this->remove(RemovalKind::Pinhole, $hole)) {
                $filled[] = $hole;
            }
        }

        return [] === $filled ? $region : $region->union(...$filled);
    }

    /** @param array<string, true> $known */
    private function withoutSpecks(Region $region, array $known): Region
    {
        $dropped = [];
        foreach ($region->pieces() as $piece) {
            if (isset($known[self::key($piece->rings()[0])]) || !self::isNarrow($piece, $this->limits->speck)) {
                continue;
            }
            $box = $piece->bounds() ?? new Box(0, 0, 0, 0);
            $breadth = 2 * $piece->area() / \max(1.0, $piece->perimeter());
            if ($this->remove(\max($box->width(), $box->height()) > self::LONG * $breadth ? RemovalKind::Sliver : RemovalKind::Dot, $piece)) {
                $dropped[] = $piece;
            }
        }

        return [] === $dropped ? $region : $region->subtract(...$dropped);
    }

    private function withoutSpikes(Region $region, Cutting $cut): Region
    {
        $half = \intdiv($this->limits->spike, 2);
        if ($half < 10 || $region->isEmpty() || $cut->region->isEmpty()) {
            return $region;
        }
        $close = $region->intersect($cut->round());
        $spikes = [];
        foreach ($close->subtract($close->open($half))->pieces() as $piece) {
            if (!$this->isSpike($piece) || !$cut->isNear($piece)) {
                continue;
            }
            foreach ($piece->intersect($cut->near())->pieces() as $spike) {
                if ($this->isSpike($spike) && $this->remove(RemovalKind::Spike, $spike)) {
                    $spikes[] = $spike;
                }
            }
        }

        return [] === $spikes ? $region : $region->subtract(...$spikes);
    }

    /** Longer than the rounding of a corner, and broader than that of a long edge. */
    private function isSpike(Region $piece): bool
    {
        $box = $piece->bounds() ?? new Box(0, 0, 0, 0);
        $length = \hypot($box->width(), $box->height());

        return $length >= 1.5 * $this->limits->spike && $piece->area() >= \max(10.0 * $this->limits->spike, self::ROUNDING * $length);
    }

    /** Records a removal; false if the user keeps the shape. */
    private function remove(RemovalKind $kind, Region $shape): bool
    {
        $removal = Removal::of($kind, $this->card, $this->film, $this->role, $shape);
        foreach ($this->limits->kept as $kept) {
            if ($kept->card === $this->card && \hypot($kept->x - $removal->x, $kept->y - $removal->y) < self::SAME) {
                $this->removals[] = Removal::of($kind, $this->card, $this->film, $this->role, $shape, true);

                return false;
            }
        }
        $this->removals[] = $removal;

        return true;
    }

    /** Whether no circle of a diameter fits inside. */
    private static function isNarrow(Region $region, int $diameter): bool
    {
        $box = $region->bounds();
        if (null === $box || \min($box->width(), $box->height()) < $diameter) {
            return true;
        }

        // Some place is at least as thick as 2 × area ÷ perimeter.
        return 4 * $region->area() / \max(1.0, $region->perimeter()) < 2 * $diameter && 2 * $region->inscribedRadius() < $diameter;
    }

    /** @return array<string, true> */
    private static function ringKeys(Region $region): array
    {
        $keys = [];
        foreach ($region->rings() as $ring) {
            $keys[self::key($ring)] = true;
        }

        return $keys;
    }

    /** @param list<int> $ring */
    private static function key(array $ring): string
    {
        return \hash('xxh128', \pack('q*', ...$ring));
    }
}
