<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

use Uvret\Geometry\Region;

/** What lies in what: pieces with all that is inside of them, each list from the inside out. */
final class Nest
{
    /**
     * A group for each piece that lies in no other: first the pieces in its holes with their own holes, then its holes, last its outline.
     *
     * @return list<non-empty-list<KnifeRing>>
     */
    public static function of(Region $region): array
    {
        $pieces = $region->pieces();
        $inside = [];
        foreach ($pieces as $inner => $piece) {
            $inside[$inner] = self::around($piece, $inner, $pieces);
        }
        $groups = [];
        foreach ($pieces as $number => $piece) {
            if (null === $inside[$number]) {
                $groups[] = self::group($number, $pieces, $inside);
            }
        }

        return $groups;
    }

    /**
     * The piece in whose hole a piece lies: of several the innermost; null for none.
     *
     * @param list<Region> $pieces
     */
    private static function around(Region $piece, int $number, array $pieces): ?int
    {
        $box = $piece->bounds();
        [$x, $y] = $piece->rings()[0];
        $found = null;
        $least = \INF;
        foreach ($pieces as $outer => $other) {
            $around = $other->bounds();
            if ($outer === $number || null === $box || null === $around || \count($other->rings()) < 2 || !$around->holds($box)) {
                continue;
            }
            $area = $around->width() * (float) $around->height();
            if ($area < $least && Region::fromRings([$other->rings()[0]])->contains($x, $y)) {
                [$found, $least] = [$outer, $area];
            }
        }

        return $found;
    }

    /**
     * @param list<Region>         $pieces
     * @param array<int, int|null> $inside
     *
     * @return non-empty-list<KnifeRing>
     */
    private static function group(int $number, array $pieces, array $inside): array
    {
        $rings = [];
        foreach ($inside as $inner => $outer) {
            if ($outer === $number) {
                \array_push($rings, ...self::group($inner, $pieces, $inside));
            }
        }
        [$outline] = $all = $pieces[$number]->rings();
        foreach (\array_slice($all, 1) as $hole) {
            $rings[] = new KnifeRing(KnifeWork::Hole, $hole, $number);
        }
        $rings[] = new KnifeRing(KnifeWork::Outline, $outline, $number);

        return $rings;
    }
}
