<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Forms\FormOutline;
use Uvret\Compose\Forms\MotifOutline;
use Uvret\Compose\Treat\Treatment;
use Uvret\Design\Align;
use Uvret\Design\Design;
use Uvret\Design\Line;
use Uvret\Design\Stack;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Type\FontException;
use Uvret\Type\TypeCase;

/**
 * Design → composition: places forms and motifs, makes every line, stacks lines without a position of their own ink to ink, and applies
 * all treatments.
 */
final readonly class Composer
{
    private Welder $welder;

    public function __construct(
        private TypeCase $typeCase,
        private Memory $memory = new NoMemory(),
    ) {
        $this->welder = new Welder();
    }

    /** A line that can't be made becomes an empty part with the reason; the others are unaffected. */
    public function compose(Design $design): Composition
    {
        [$surroundings, $shapes, $motifs] = $this->surroundings($design);
        $area = $surroundings->area;
        $made = \array_map(fn (Line $line): SizedLine|Part => $this->make($line, $surroundings), $design->lines);
        // Stacks from the top of the first line, then shifts all of them into the area.
        $above = $area;
        $over = null;
        $edge = $lowest = $top = 0;
        $placed = [];
        $owners = $design->owners();
        foreach ($design->lines as $number => $line) {
            $sized = $made[$number];
            if ($sized instanceof Part || $sized->isPlaced) {
                continue;
            }
            if (isset($owners[$line->id])) {
                // Placed by the card it belongs to.
                $placed[$number] = [0, 0];
                continue;
            }
            $to = $line->stacking->toAbove ? $above : $area;
            $width = $sized->ink->width();
            $left = $line->stacking->shift + match ($line->place->align) {
                Align::Left => $to->left,
                Align::Centre => $to === $area ? -\intdiv($width, 2) : $to->left + \intdiv($to->width() - $width, 2),
                Align::Right => $to->right - $width,
            };
            if (null === $over) {
                $edge = $line->stacking->gap;
            } else {
                $top -= $line->stacking->gap;
            }
            if (null !== $over && $line->stacking->tight) {
                $top = $above->bottom;
                $region = $sized->region->transform(Affine::move($left - $sized->ink->left, $top - $sized->ink->top));
                $top += Tightening::rise($over, $region, $line->stacking->gap) ?? -$line->stacking->gap;
            }
            $placed[$number] = [$left - $sized->ink->left, $top - $sized->ink->top];
            $above = new Box($left, $top - $sized->ink->height(), $left + $width, $top);
            $over = $sized->region->transform(Affine::move(...$placed[$number]));
            $top = $above->bottom;
            $lowest = \min($lowest, $top);
        }
        $room = $area->height();
        $shift = match ($design->stack) {
            Stack::Top => -$edge,
            Stack::Middle => -\intdiv($room + $lowest, 2),
            Stack::Bottom => $edge - $lowest - $room,
        };
        $parts = [];
        foreach ($design->lines as $number => $line) {
            $sized = $made[$number];
            if ($sized instanceof Part) {
                $parts[] = $sized;
                continue;
            }
            [$right, $up] = $sized->isPlaced ? [0, 0] : [$placed[$number][0], $placed[$number][1] + $shift];
            $parts[] = Part::of($line, $sized, $right, $up);
            \array_push($parts, ...Part::alsoOf($line, $sized, $right, $up));
        }

        foreach ($design->forms as $form) {
            $parts[] = Part::ofForm($form, $shapes[$form->id]);
        }

        foreach ($design->motifs as $motif) {
            \array_push($parts, ...Part::ofMotif($motif, $motifs[$motif->id]));
        }
        $treated = (new Treatment($design, (new Belongings($design, $parts))->placed(), $this->memory))->done();

        return new Composition($area, $treated->parts, $treated->removals, $treated->remarks, $treated->rooms);
    }

    /** A line without position and treatments; null if it can't be made or has no ink. */
    public function sized(Design $design, Line $line): ?SizedLine
    {
        $sized = $this->make($line, $this->surroundings($design)[0]);

        return $sized instanceof SizedLine ? $sized : null;
    }

    /**
     * The surroundings, with the shapes of forms and motifs, and the parts of motifs.
     *
     * @return array{Surroundings, array<string, Region>, array<string, list<array{film: string|null, region: Region}>>}
     */
    private function surroundings(Design $design): array
    {
        $shapes = [];
        foreach ($design->forms as $form) {
            $shapes[$form->id] = FormOutline::region($form);
        }
        $motifs = [];
        foreach ($design->motifs as $motif) {
            $key = 'motif '.\hash('xxh128', \serialize(MotifOutline::settings($motif)));
            [$parts, $shape] = $this->memory->recall($key, static function () use ($motif): array {
                $parts = MotifOutline::parts($motif);

                return [$parts, Region::empty()->union(...\array_column($parts, 'region'))];
            });
            $place = MotifOutline::place($motif);
            $shapes[$motif->id] = $shape->transform($place);
            $motifs[$motif->id] = \array_map(
                static fn (array $part): array => ['film' => $part['film'], 'region' => $part['region']->transform($place)],
                $parts,
            );
        }

        return [new Surroundings($this->typeCase, $design, $shapes + $this->filledPieces($design)), $shapes, $motifs];
    }

    /** @return array<string, Region> motif pieces that lines fill, by key */
    private function filledPieces(Design $design): array
    {
        $motifs = \array_column($design->motifs, null, 'id');
        $pieces = [];
        foreach ($design->lines as $line) {
            $motif = $motifs[$line->fills->form] ?? null;
            $at = $line->fills->takesForm() ? $line->fills->piece() : null;
            if (null !== $motif && null !== $at) {
                $key = 'piece '.\hash('xxh128', \serialize([MotifOutline::settings($motif), $at]));
                $piece = $this->memory->recall($key, static fn (): ?Region => MotifOutline::piece($motif, $at));
                $pieces[$line->fills->shape()] = $piece?->transform(MotifOutline::place($motif));
            }
        }

        return \array_filter($pieces);
    }

    private function make(Line $line, Surroundings $surroundings): SizedLine|Part
    {
        try {
            return $this->memory->recall(
                'line '.$surroundings->digest($line),
                fn (): SizedLine|Part => $this->welder->sized($line, $surroundings) ?? Part::blank($line->id, $line->film),
            );
        } catch (FontException|CompositionException $e) {
            return Part::blank($line->id, $line->film, $e->getMessage(), $e instanceof CompositionException ? $e->missing : []);
        }
    }
}
