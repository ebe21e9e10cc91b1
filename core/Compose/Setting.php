<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Fill\Borders;
use Uvret\Compose\Fill\Filling;
use Uvret\Compose\Fill\FormBorders;
use Uvret\Compose\Fill\ShapedBorders;
use Uvret\Compose\Follow\Guide;
use Uvret\Compose\Follow\GuideFinder;
use Uvret\Compose\Follow\RingSpread;
use Uvret\Design\Derived;
use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Follow\Placing;
use Uvret\Design\Line;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Curve\Path;
use Uvret\Geometry\Curve\Warp;
use Uvret\Geometry\Curve\WarpedFlattening;
use Uvret\Geometry\Region;
use Uvret\Type\FontException;

/**
 * Lettering at a size, stretched between its edges and put along its path. Straight, its ink starts at x = 0 and its
 * baseline is y = 0; lengths are in µm.
 */
final readonly class Setting
{
    use Derived;

    /**
     * @param Affine             $size    from font units to the straight line
     * @param float              $up      µm that a font unit takes across the line
     * @param float              $width   of the straight line's ink
     * @param float              $lowest  of the straight line's ink
     * @param float              $highest of the straight line's ink
     * @param array<int, Affine> $places  where each letter goes that is turned as it is, by its place in the words; empty if letters are bent
     * @param array<int, Path>   $hefted  the outlines of letters on the straight line, whose strokes are grown or thinned; empty if they are not
     * @param int                $heft    by how much, in µm
     * @param float              $origin  which x of the straight line is 0 on the path
     */
    private function __construct(
        public TypesetWords $lettering,
        public Affine $size,
        private float $up,
        public float $width,
        public float $lowest,
        public float $highest,
        public ?Filling $filling,
        public ?Guide $guide,
        private array $places,
        private float $origin,
        private array $hefted = [],
        private int $heft = 0,
    ) {
    }

    /**
     * @param float $across µm that a font unit takes along the line
     * @param float $up     and across it
     *
     * @throws CompositionException|FontException if the line cannot be made like that
     */
    public static function of(Line $line, TypesetWords $lettering, float $across, float $up, Surroundings $surroundings): self
    {
        $lettering = $lettering->spread(...RingSpread::of($line, $lettering, $across, $up, $surroundings));
        [$left, $bottom, $right, $top] = $lettering->ink ?? [0.0, 0.0, 1.0, 1.0];
        $heft = $line->lettering->heft;
        $width = \max(($right - $left) * $across + 2 * $heft, 1.0);
        $lowest = $bottom * $up - $heft;
        $highest = \max($top * $up + $heft, $lowest + 1.0);
        $size = Affine::scale($across, $up)->then(Affine::move($heft - $left * $across, 0));
        $filling = null;
        if (!$line->fills->isPlain()) {
            $filling = Filling::between($width, $lowest, $highest, self::borders($line, $width, $lowest, $highest, $surroundings), $line->fills->widen);
        }
        // A line that fills a form is placed by the form.
        $guide = $line->fills->takesForm() ? null : GuideFinder::find($line, $width, $lowest, $highest, $lettering->font->letterHeight() * $up, $surroundings);
        $origin = $width * match ($line->follows->path) {
            FollowPath::Spiral => 0.0,
            FollowPath::Ring, FollowPath::Outline => $line->place->align->share(),
            default => 0.5,
        };
        $setting = new self(
            lettering: $lettering,
            size: $size,
            up: $up,
            width: $width,
            lowest: $lowest,
            highest: $highest,
            filling: $filling,
            guide: $guide,
            places: [],
            origin: $origin,
            hefted: 0 === $heft ? [] : self::hefted($lettering->rings($size), $heft),
            heft: $heft,
        );
        $bent = Placing::Bent === $line->follows->letters || (Placing::Auto === $line->follows->letters && $surroundings->joins($line));

        return null === $guide || $bent ? $setting : $setting->turned($guide);
    }

    /** @throws CompositionException if the form is not there */
    private static function borders(Line $line, float $width, float $lowest, float $highest, Surroundings $surroundings): Borders
    {
        if (!$line->fills->takesForm()) {
            return new ShapedBorders($line->fills, $width, $lowest, $highest);
        }
        $form = $surroundings->shapes[$line->fills->shape()] ?? throw CompositionException::noForm();

        return FormBorders::of($form, $line->fills) ?? throw CompositionException::noRoomInForm();
    }

    /** Cap height in µm. */
    public function letterHeight(): float
    {
        return $this->lettering->font->letterHeight() * $this->up + 2 * $this->heft;
    }

    /** Whether the letters are unchanged: neither stretched, bent, grown nor thinned. */
    public function isPlain(): bool
    {
        return null === $this->filling && null === $this->guide && 0 === $this->heft;
    }

    /**
     * Letters are grown one by one, but thinned as one piece, so that joins get thinner without breaking.
     *
     * @param array<int, list<list<int>>> $rings by letter
     *
     * @return array<int, Path>
     */
    private static function hefted(array $rings, int $heft): array
    {
        $thinned = $heft < 0 ? Region::fromRings(\array_merge(...\array_values($rings)))->offset($heft) : null;
        $paths = [];
        foreach ($rings as $letter => $outlines) {
            $region = Region::fromRings($outlines);
            $paths[$letter] = Path::ofRings((null === $thinned ? $region->offset($heft) : $region->intersect($thinned))->rings());
        }

        return $paths;
    }

    /**
     * Maps a point of the straight line that belongs to no letter.
     *
     * @return array{float, float}
     */
    public function at(float $x, float $y): array
    {
        [$x, $y] = $this->filling?->at($x, $y) ?? [$x, $y];

        return $this->guide?->at($x - $this->origin, $y) ?? [$x, $y];
    }

    /** Direction of the line there, in degrees anticlockwise. */
    public function heading(float $x): float
    {
        return $this->guide?->heading(($this->filling?->at($x, 0)[0] ?? $x) - $this->origin) ?? 0.0;
    }

    /** @return array{float, float} start and end on its path */
    public function span(): array
    {
        return [-$this->origin, $this->width - $this->origin];
    }

    /**
     * Each letter's outlines, for Region::fromRings.
     *
     * @return array<int, list<list<int>>> by the place in the words
     */
    public function rings(): array
    {
        $rings = [];
        foreach ($this->hefted as $letter => $path) {
            $rings[$letter] = $this->placed($letter, $path, Affine::identity());
        }
        foreach ([] === $this->hefted ? $this->lettering->glyphs : [] as [$letter, $glyph, $place]) {
            $rings[$letter] = [...$rings[$letter] ?? [], ...$this->placed($letter, $this->lettering->font->outline($glyph), $place->then($this->size))];
        }

        return $rings;
    }

    /**
     * @param Affine $map from the path to the straight line
     *
     * @return list<list<int>>
     */
    private function placed(int $letter, Path $path, Affine $map): array
    {
        $warp = $this->warp($letter);

        return null !== $warp
            ? WarpedFlattening::rings($path, $map, $warp)
            : Flattening::rings($path, isset($this->places[$letter]) ? $map->then($this->places[$letter]) : $map);
    }

    /**
     * The bounds of the ink, turned clockwise by an angle in degrees, from points on the silhouettes of the letters.
     *
     * @return array{float, float, float, float} left, bottom, right, top
     */
    public function reach(float $turn = 0.0): array
    {
        $cos = \cos(\deg2rad(-$turn));
        $sin = \sin(\deg2rad(-$turn));
        $box = [\INF, \INF, -\INF, -\INF];
        if ([] !== $this->hefted) {
            foreach (\array_merge(...\array_values($this->rings())) as $ring) {
                foreach (\array_chunk($ring, 2) as [$x, $y]) {
                    [$x, $y] = [$cos * $x - $sin * $y, $sin * $x + $cos * $y];
                    $box = [\min($box[0], $x), \min($box[1], $y), \max($box[2], $x), \max($box[3], $y)];
                }
            }

            return \INF === $box[0] ? [0.0, 0.0, 0.0, 0.0] : $box;
        }
        foreach ($this->lettering->glyphs as [$letter, $glyph, $place]) {
            $map = $place->then($this->size);
            $warp = $this->warp($letter);
            if (null === $warp && isset($this->places[$letter])) {
                $map = $map->then($this->places[$letter]);
            }
            foreach (Silhouette::of($this->lettering->font, $glyph) as [$px, $py]) {
                $x = $map->a * $px + $map->c * $py + $map->e;
                $y = $map->b * $px + $map->d * $py + $map->f;
                if (null !== $warp) {
                    [$x, $y] = $warp->at($x, $y);
                }
                if (0.0 !== $sin) {
                    [$x, $y] = [$cos * $x - $sin * $y, $sin * $x + $cos * $y];
                }
                $box[0] = \min($box[0], $x);
                $box[1] = \min($box[1], $y);
                $box[2] = \max($box[2], $x);
                $box[3] = \max($box[3], $y);
            }
        }

        return $box;
    }

    /** The map that bends a letter's outlines; null if they are not bent. */
    private function warp(int $letter): ?Warp
    {
        if (isset($this->places[$letter])) {
            return null === $this->filling ? null : new FilledThenPlaced($this->filling, $this->places[$letter]);
        }

        return null === $this->filling && null === $this->guide ? null : new FilledThenFollowed($this->filling, $this->guide, $this->origin);
    }

    /** Each letter unbent, rotated about its middle. */
    private function turned(Guide $guide): self
    {
        $middles = [];
        foreach ($this->lettering->glyphs as [$letter, $glyph, $place]) {
            $bounds = $this->lettering->font->outline($glyph)->transform($place->then($this->size))->bounds();
            if (null !== $bounds) {
                $middles[$letter] = [\min($middles[$letter][0] ?? \INF, $bounds[0]), \max($middles[$letter][1] ?? -\INF, $bounds[2])];
            }
        }
        $places = [];
        foreach ($middles as $letter => [$left, $right]) {
            $middle = $this->filling?->at(($left + $right) / 2, 0)[0] ?? ($left + $right) / 2;
            [$x, $y] = $guide->at($middle - $this->origin, 0);
            $places[$letter] = Affine::move(-$middle, 0)->then(Affine::turn($guide->heading($middle - $this->origin)))->then(Affine::move($x, $y));
        }

        return $this->derive(['places' => $places]);
    }
}
