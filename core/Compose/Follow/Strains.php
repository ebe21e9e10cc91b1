<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Compose\Setting;
use Uvret\Compose\Surroundings;
use Uvret\Design\Line;
use Uvret\Design\SizeBy;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Finds misfits between a line and its path. */
final readonly class Strains
{
    /** Smaller overlaps of letters are not reported, in µm². */
    private const SPECK = 20_000.0;

    /** Tolerance of a size, in µm. */
    private const MISSED = 60;

    /**
     * @param array{float, float} $scale   µm that a font unit takes along and across the line
     * @param array<int, Region>  $letters each by itself, in the sized line's coordinates
     *
     * @return list<Strain> in the sized line's coordinates
     */
    public static function of(Line $line, Setting $setting, array $scale, array $letters, Surroundings $surroundings): array
    {
        $guide = $setting->guide;
        if (null === $guide || [] === $letters) {
            return [];
        }
        $strains = [];
        [$x, $y] = self::middle($letters[\array_key_last($letters)]);
        $height = $setting->letterHeight();
        $over = $setting->width - $guide->room();
        if ($over > 1.0) {
            $fits = self::fitting($line, $setting, $scale, $surroundings);
            $gaps = \max(1, $setting->lettering->letters - 1);
            // Rounded down so that it fits.
            $tracking = $line->lettering->spacing + (int) \floor(-$over / $gaps / ($setting->lettering->font->unitsPerEm / 1000 * $scale[0]));
            $strains[] = new Strain(StrainKind::TooLong, (int) \ceil($over), (int) \floor($height * $fits), $tracking < -160 ? null : $tracking, '', $x, $y);
        } elseif (SizeBy::Width === $line->size->by || SizeBy::Height === $line->size->by) {
            $reach = $setting->reach();
            $is = SizeBy::Width === $line->size->by ? $reach[2] - $reach[0] : $reach[3] - $reach[1];
            if ($line->size->length - $is > self::MISSED) {
                $strains[] = new Strain(StrainKind::NotReached, (int) \round($line->size->length - $is), (int) \round($height), null, '', $x, $y);
            }
        }
        [$from, $to] = $setting->span();
        foreach ([1 => $setting->highest, -1 => -$setting->lowest] as $side => $far) {
            $reach = $guide->reach($from, $to, $side);
            if ($far > 0 && $reach < $far) {
                $strains[] = new Strain(
                    kind: StrainKind::TooTight,
                    by: (int) \ceil($far - $reach),
                    height: $reach > 0 ? (int) \floor($height * $reach / $far) : null,
                    spacing: null,
                    letters: '',
                    x: $x,
                    y: $y,
                );

                return $strains;
            }
        }

        return [...$strains, ...self::overlaps($line, $setting, $letters, $surroundings)];
    }

    /**
     * Factor by which the letters must shrink to fit; the path's room depends on their height, too.
     *
     * @param array{float, float} $scale
     */
    private static function fitting(Line $line, Setting $setting, array $scale, Surroundings $surroundings): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($step = 0; $step < 20; ++$step) {
            $middle = ($low + $high) / 2;
            $smaller = Setting::of($line, $setting->lettering, $scale[0] * $middle, $scale[1] * $middle, $surroundings);
            if ($smaller->width <= ($smaller->guide?->room() ?? 0.0)) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /**
     * @param array<int, Region> $letters
     *
     * @return list<Strain>
     */
    private static function overlaps(Line $line, Setting $setting, array $letters, Surroundings $surroundings): array
    {
        $boxes = \array_filter(\array_map(static fn (Region $letter): ?Box => $letter->bounds(), $letters));
        \uasort($boxes, static fn (Box $a, Box $b): int => $a->left <=> $b->left);
        $straight = null;
        $strains = [];
        $active = [];
        // In joining lines, neighbours are checked as joins.
        $neighbours = $surroundings->joins($line) ? self::neighbours(\array_keys($letters)) : [];
        foreach ($boxes as $at => $box) {
            $active = \array_filter($active, static fn (Box $other): bool => $other->right >= $box->left);
            foreach ($active as $other => $otherBox) {
                if (!$box->overlaps($otherBox) || ($neighbours[\min($at, $other)] ?? null) === \max($at, $other)) {
                    continue;
                }
                $common = $letters[$at]->intersect($letters[$other]);
                if ($common->area() < self::SPECK) {
                    continue;
                }
                $straight ??= \array_map(static fn (array $rings): Region => Region::fromRings($rings), $setting->lettering->rings($setting->size));
                if ($straight[$at]->intersect($straight[$other])->area() > 0.0) {
                    continue;
                }
                [$x, $y] = self::middle($common);
                [$first, $second] = [\min($at, $other), \max($at, $other)];
                $strains[] = new Strain(
                    kind: StrainKind::Overlap,
                    by: (int) \round(2 * $common->inscribedRadius()),
                    height: null,
                    spacing: null,
                    letters: \mb_substr($line->lettering->words, $first, 1).\mb_substr($line->lettering->words, $second, 1),
                    x: $x,
                    y: $y,
                );
            }
            $active[$at] = $box;
        }

        return $strains;
    }

    /**
     * @param list<int> $places
     *
     * @return array<int, int> the next letter of each
     */
    private static function neighbours(array $places): array
    {
        return \array_combine(\array_slice($places, 0, -1), \array_slice($places, 1));
    }

    /** @return array{int, int} */
    private static function middle(Region $region): array
    {
        $box = $region->bounds();

        return null === $box ? [0, 0] : [\intdiv($box->left + $box->right, 2), \intdiv($box->bottom + $box->top, 2)];
    }
}
