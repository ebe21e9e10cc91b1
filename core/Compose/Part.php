<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Follow\Strain;
use Uvret\Compose\Joining\LetterJoin;
use Uvret\Design\Derived;
use Uvret\Design\Form;
use Uvret\Design\Line;
use Uvret\Design\Motif;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** A line or form of a design as worn: welded and placed. Lengths are in µm. */
final readonly class Part
{
    use Derived;

    /**
     * @param string           $card         the card of the build sheet that it comes from
     * @param Box|null         $ink          the real bounds of the shapes; null when there is nothing to see
     * @param int              $width        of the ink along the baseline, before any turn
     * @param int              $height       of the ink across the baseline, before any turn
     * @param int              $middleX      the middle that the line is turned about
     * @param int              $letterHeight the height of the letter H at this size
     * @param list<string>     $missing      characters the font lacks
     * @param string|null      $failure      why the line could not be made, in words
     * @param bool             $hidden       keeps its place, but is neither shown nor cut
     * @param list<LetterJoin> $joints       of letters that are to join
     * @param int              $em           what the font's em takes at this size
     * @param array<int, Box>  $letters      where each letter's ink lies, by its place in the words
     * @param bool             $also         whether it has only the letters of a line that are cut from another film
     * @param float            $turn         how far its frame is turned, in degrees clockwise
     * @param list<Strain>     $strains      where it does not go well with what it follows
     * @param bool             $guide        only there to be followed or filled
     * @param int              $depth        its place from the bottom up among all parts
     */
    private function __construct(
        public string $card,
        public string $film,
        public Region $region,
        public ?Box $ink,
        public int $width,
        public int $height,
        public int $middleX,
        public int $middleY,
        public int $letterHeight = 0,
        public array $missing = [],
        public ?string $failure = null,
        public bool $hidden = false,
        public array $joints = [],
        public int $em = 0,
        public array $letters = [],
        public bool $also = false,
        public float $turn = 0.0,
        public ?PathHandles $handles = null,
        public array $strains = [],
        public bool $guide = false,
        public PartRole $role = PartRole::Base,
        public int $depth = 0,
    ) {
    }

    /** A sized line in its place; a hidden line has no ink. */
    public static function of(Line $line, SizedLine $sized, int $right, int $up): self
    {
        $move = Affine::move($right, $up);

        return new self(
            card: $line->id,
            film: $line->film,
            region: $line->hidden ? Region::empty() : ($sized->welds[''] ?? Region::empty())->transform($move),
            ink: $sized->ink->moved($right, $up),
            width: $sized->width,
            height: $sized->height,
            middleX: $sized->isPlaced ? \intdiv($sized->ink->left + $sized->ink->right, 2) : $right + \intdiv($sized->width, 2),
            middleY: $sized->isPlaced ? \intdiv($sized->ink->bottom + $sized->ink->top, 2) : $up - \intdiv($sized->height, 2),
            letterHeight: $sized->letterHeight,
            missing: $sized->missing,
            hidden: $line->hidden,
            joints: \array_map(static fn (LetterJoin $joint): LetterJoin => $joint->moved($right, $up), $sized->joints),
            em: $sized->em,
            letters: \array_map(static fn (Box $box): Box => $box->moved($right, $up), $sized->letters),
            turn: $sized->isPlaced ? 0.0 : $line->place->turn,
            handles: $sized->handles?->moved($right, $up),
            strains: \array_map(static fn (Strain $strain): Strain => $strain->moved($right, $up), $sized->strains),
        );
    }

    /**
     * Letters of a line in other films, one part per film.
     *
     * @return list<self>
     */
    public static function alsoOf(Line $line, SizedLine $sized, int $right, int $up): array
    {
        $parts = [];
        foreach ($line->hidden ? [] : $sized->welds as $film => $weld) {
            $region = $weld->transform(Affine::move($right, $up));
            $ink = $region->bounds();
            if ('' !== $film && null !== $ink) {
                $parts[] = new self(
                    card: $line->id,
                    film: (string) $film,
                    region: $region,
                    ink: $ink,
                    width: $ink->width(),
                    height: $ink->height(),
                    middleX: \intdiv($ink->left + $ink->right, 2),
                    middleY: \intdiv($ink->bottom + $ink->top, 2),
                    letterHeight: $sized->letterHeight,
                    em: $sized->em,
                    also: true,
                );
            }
        }

        return $parts;
    }

    /** A placed form. */
    public static function ofForm(Form $form, Region $region): self
    {
        $ink = $region->bounds();

        return new self(
            card: $form->id,
            film: $form->film,
            region: $form->hidden ? Region::empty() : $region,
            ink: $ink,
            width: $form->size->width,
            height: $form->size->height,
            middleX: $form->place->x,
            middleY: $form->place->y,
            hidden: $form->hidden,
            turn: $form->place->turn,
            guide: $form->guide,
        );
    }

    /**
     * The placed colours of a motif, one part per film.
     *
     * @param list<array{film: string|null, region: Region}> $cut
     *
     * @return list<self>
     */
    public static function ofMotif(Motif $motif, array $cut): array
    {
        $byFilm = [];
        $all = null;
        foreach ($cut as ['film' => $film, 'region' => $region]) {
            if (null !== $film) {
                $byFilm[$film][] = $region;
                $box = $region->bounds();
                $all = null === $box ? $all : ($all?->joined($box) ?? $box);
            }
        }
        $parts = [];
        foreach ($byFilm as $film => $own) {
            $region = $motif->hidden ? Region::empty() : Region::empty()->union(...$own);
            $parts[] = new self(
                card: $motif->id,
                film: (string) $film,
                region: $region,
                ink: [] === $parts ? $all : $region->bounds(),
                width: $motif->size->width,
                height: $motif->size->height,
                middleX: $motif->place->x,
                middleY: $motif->place->y,
                hidden: $motif->hidden,
                also: [] !== $parts,
                turn: $motif->place->turn,
            );
        }

        return $parts;
    }

    /** A treatment's addition to a card; null if it is empty. */
    public static function added(string $card, PartRole $role, string $film, Region $region): ?self
    {
        $ink = $region->bounds();

        return null === $ink
            ? null
            : new self(
                card: $card,
                film: $film,
                region: $region,
                ink: $ink,
                width: $ink->width(),
                height: $ink->height(),
                middleX: \intdiv($ink->left + $ink->right, 2),
                middleY: \intdiv($ink->bottom + $ink->top, 2),
                also: true,
                role: $role,
            );
    }

    /** The part with another shape; its measurements stay. */
    public function with(Region $region): self
    {
        return $this->derive(['region' => $region, 'ink' => PartRole::Base === $this->role ? $this->ink : $region->bounds()]);
    }

    /** The part moved, with its measurements. */
    public function moved(int $right, int $up): self
    {
        return 0 === $right && 0 === $up ? $this : $this->derive([
            'region' => $this->region->transform(Affine::move($right, $up)),
            'ink' => $this->ink?->moved($right, $up),
            'middleX' => $this->middleX + $right,
            'middleY' => $this->middleY + $up,
            'joints' => \array_map(static fn (LetterJoin $joint): LetterJoin => $joint->moved($right, $up), $this->joints),
            'letters' => \array_map(static fn (Box $box): Box => $box->moved($right, $up), $this->letters),
            'handles' => $this->handles?->moved($right, $up),
            'strains' => \array_map(static fn (Strain $strain): Strain => $strain->moved($right, $up), $this->strains),
        ]);
    }

    /** The part scaled about a point, without handles. */
    public function scaled(float $by, int $x, int $y): self
    {
        $map = Affine::move(-$x, -$y)->then(Affine::scale($by))->then(Affine::move($x, $y));
        $size = static fn (int $length): int => (int) \round($length * $by);
        $spot = static fn (int $at, int $fixed): int => $fixed + (int) \round(($at - $fixed) * $by);
        $box = static fn (Box $box): Box => new Box($spot($box->left, $x), $spot($box->bottom, $y), $spot($box->right, $x), $spot($box->top, $y));
        $region = $this->region->transform($map);

        return $this->derive([
            'region' => $region,
            'ink' => $region->bounds() ?? (null === $this->ink ? null : $box($this->ink)),
            'width' => $size($this->width),
            'height' => $size($this->height),
            'middleX' => $spot($this->middleX, $x),
            'middleY' => $spot($this->middleY, $y),
            'letterHeight' => $size($this->letterHeight),
            'em' => $size($this->em),
            'joints' => [],
            'letters' => \array_map($box, $this->letters),
            'handles' => null,
        ]);
    }

    /** Only its position remains. */
    public function hid(): self
    {
        return $this->derive(['region' => Region::empty(), 'hidden' => true]);
    }

    /** The part in another film. */
    public function in(string $film): self
    {
        return $this->derive(['film' => $film, 'also' => true]);
    }

    /** The part at another stacking position. */
    public function at(int $depth): self
    {
        return $this->derive(['depth' => $depth]);
    }

    /** Bounds of its ink, copies included; null if it has none. */
    public function reach(): ?Box
    {
        $bounds = $this->region->bounds();

        return null === $this->ink || null === $bounds ? $this->ink : $this->ink->joined($bounds);
    }

    /** @param list<string> $missing characters that the font cannot draw */
    public static function blank(string $card, string $film, ?string $failure = null, array $missing = []): self
    {
        return new self(
            card: $card,
            film: $film,
            region: Region::empty(),
            ink: null,
            width: 0,
            height: 0,
            middleX: 0,
            middleY: 0,
            missing: $missing,
            failure: $failure,
        );
    }
}
