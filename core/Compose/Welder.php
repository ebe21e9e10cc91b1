<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Follow\Strains;
use Uvret\Compose\Joining\ExpectedJoins;
use Uvret\Compose\Joining\JoinCheck;
use Uvret\Compose\Joining\LetterJoin;
use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Letter;
use Uvret\Design\Line;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\GeometryException;
use Uvret\Geometry\Measure\RingMeasure;
use Uvret\Geometry\Region;
use Uvret\Type\Font;
use Uvret\Type\FontException;

/** Line → sized line: the words shaped, sized by their ink, stretched, put along their path, turned and welded. */
final readonly class Welder
{
    /** Longer than any press, within the geometry's grid. */
    private const LONGEST = 40_000_000;

    /**
     * Returns null if the words have no ink.
     *
     * @throws CompositionException|FontException if the line cannot be made
     */
    public function sized(Line $line, Surroundings $surroundings): ?SizedLine
    {
        $font = $surroundings->font($line);
        $lettering = TypesetWords::of($line->lettering, $font, $line->place->align);
        $scale = Sizing::of($line, $lettering, $surroundings);
        if (null === $scale || null === $lettering->ink) {
            $missing = self::missing($line, $font);

            return [] === $missing ? null : throw CompositionException::noneOf($missing);
        }
        if (\hypot(($lettering->ink[2] - $lettering->ink[0]) * $scale[0], ($lettering->ink[3] - $lettering->ink[1]) * $scale[1]) >= self::LONGEST) {
            throw CompositionException::tooLong();
        }
        $setting = Setting::of($line, $lettering, ...$scale, surroundings: $surroundings);
        try {
            return $setting->isPlain() ? $this->straight($line, $setting, $scale[1], $surroundings) : $this->bent($line, $setting, $scale, $surroundings);
        } catch (GeometryException $e) {
            throw CompositionException::notWelded($e);
        }
    }

    private function straight(Line $line, Setting $setting, float $up, Surroundings $surroundings): ?SizedLine
    {
        [$width, $height] = [$setting->width, $setting->highest - $setting->lowest];
        $toLine = Affine::move(0, -$setting->highest)->then(self::turn($line, $width, $height));
        $map = $setting->size->then($toLine);
        $rings = $setting->lettering->rings($map);
        $welds = self::welds($line, $rings);
        $region = self::all($welds);
        $ink = $region->bounds();
        if (null === $ink) {
            return null;
        }
        $font = $setting->lettering->font;
        $handles = FollowPath::Arc === $line->follows->path ? PathHandles::of($line, $setting, $toLine) : null;
        $letters = $surroundings->joins($line) ? \array_map(static fn (array $rings): Region => Region::fromRings($rings), $rings) : [];

        return new SizedLine(
            region: $region,
            ink: $ink,
            width: (int) \round($width),
            height: (int) \round($height),
            letterHeight: (int) \round($setting->letterHeight()),
            missing: self::missing($line, $font),
            joints: self::joints($line, $font, $letters),
            em: (int) \round($font->unitsPerEm * $up),
            letters: self::boxes($rings),
            welds: $welds,
            isPlaced: false,
            handles: $handles,
        );
    }

    /** @param array{float, float} $scale */
    private function bent(Line $line, Setting $setting, array $scale, Surroundings $surroundings): SizedLine
    {
        $rings = $setting->rings();
        $welds = self::welds($line, $rings);
        $ink = self::all($welds)->bounds();
        if (null === $ink) {
            throw CompositionException::nothingLeft();
        }
        $isPlaced = $line->follows->path->isPlaced() || $line->fills->takesForm();
        [$width, $height] = [$ink->width(), $ink->height()];
        $map = Affine::identity();
        if (!$isPlaced) {
            $map = Affine::move(-$ink->left, -$ink->top)->then(self::turn($line, $width, $height));
        }
        $font = $setting->lettering->font;
        $letters = \array_map(static fn (array $rings): Region => Region::fromRings($rings)->transform($map), $rings);
        $welds = \array_map(static fn (Region $weld): Region => $weld->transform($map), $welds);
        $region = self::all($welds);
        $joints = $surroundings->joins($line) ? self::joints($line, $font, $letters) : [];
        $handles = PathHandles::of($line, $setting, $map);

        return new SizedLine(
            $region,
            $region->bounds() ?? $ink,
            $width,
            $height,
            (int) \round($setting->letterHeight()),
            self::missing($line, $font),
            $joints,
            (int) \round($font->unitsPerEm * $scale[1]),
            \array_filter(\array_map(static fn (Region $letter): ?Box => $letter->bounds(), $letters)),
            $welds,
            $isPlaced,
            $handles,
            Strains::of($line, $setting, $scale, $letters, $surroundings),
        );
    }

    /** Rotates a box right of and below the origin about its centre. */
    private static function turn(Line $line, float $width, float $height): Affine
    {
        return 0.0 === $line->place->turn
            ? Affine::identity()
            : Affine::move(-$width / 2, $height / 2)->then(Affine::turn(-$line->place->turn))->then(Affine::move($width / 2, -$height / 2));
    }

    /**
     * The letters welded, one region per film.
     *
     * @param array<int, list<list<int>>> $rings by letter
     *
     * @return array<string, Region> by film; those of the line's film under the empty name
     */
    private static function welds(Line $line, array $rings): array
    {
        $films = self::films($line);
        $byFilm = [];
        foreach ($rings as $letter => $outlines) {
            $byFilm[$films[$letter] ?? ''][] = $outlines;
        }

        return \array_map(static fn (array $outlines): Region => Region::fromRings(\array_merge(...$outlines)), $byFilm);
    }

    /** @param array<string, Region> $welds */
    private static function all(array $welds): Region
    {
        return 1 === \count($welds) ? \reset($welds) : Region::empty()->union(...\array_values($welds));
    }

    /**
     * @param array<int, Region> $letters
     *
     * @return list<LetterJoin>
     */
    private static function joints(Line $line, Font $font, array $letters): array
    {
        return [] === $letters ? [] : JoinCheck::of($letters, $line->lettering->words, ExpectedJoins::of($line, $font)->between(...));
    }

    /**
     * @param array<int, list<list<int>>> $rings by letter
     *
     * @return array<int, Box>
     */
    private static function boxes(array $rings): array
    {
        $boxes = [];
        foreach ($rings as $letter => $outlines) {
            foreach ($outlines as $outline) {
                $box = RingMeasure::box($outline);
                $boxes[$letter] = isset($boxes[$letter]) ? $boxes[$letter]->joined($box) : $box;
            }
        }

        return $boxes;
    }

    /** @return array<int, string> films of letters with their own film, by index in the words */
    private static function films(Line $line): array
    {
        return \array_filter(
            \array_map(static fn (Letter $letter): string => $letter->film ?? '', $line->lettering->letters),
            static fn (string $film): bool => '' !== $film && $film !== $line->film,
        );
    }

    /** @return list<string> characters the font lacks and that have no chosen glyph */
    private static function missing(Line $line, Font $font): array
    {
        $words = '';
        foreach (\mb_str_split($line->lettering->words) as $at => $character) {
            $words .= null === ($line->lettering->letters[$at]->glyph ?? null) ? $character : ' ';
        }

        return $font->missing($words);
    }
}
