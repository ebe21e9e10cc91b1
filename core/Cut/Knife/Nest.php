<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Nesting of pieces: each with everything inside it, inside out. */
final class Nest
{
    /**
     * One group per outermost piece: first the pieces in its holes with their own holes, then its holes, last its outline.
     *
     * @return list<non-empty-list<KnifeRing>>
     */
    public static function of(Region $region): array
    {
        $pieces = $region->pieces();
        $boxes = \array_map(static fn (Region $piece): Box => $piece->bounds() ?? new Box(0, 0, 0, 0), $pieces);
        $inside = [];
        foreach ($pieces as $inner => $piece) {
            $inside[$inner] = self::around($inner, $pieces, $boxes);
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
     * The innermost piece that has a piece in one of its holes; null if none.
     *
     * @param list<Region> $pieces
     * @param list<Box>    $boxes  of the pieces
     */
    private static function around(int $number, array $pieces, array $boxes): ?int
    {
        [$x, $y] = $pieces[$number]->rings()[0];
        $found = null;
        $least = \INF;
        foreach ($boxes as $outer => $box) {
            $area = $box->width() * (float) $box->height();
            if ($outer === $number || $area >= $least || !$box->holds($boxes[$number])) {
                continue;
            }
            $rings = $pieces[$outer]->rings();
            if (\count($rings) > 1 && Region::fromRings([$rings[0]])->contains($x, $y)) {
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
