<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Composition;
use Uvret\Compose\Part;
use Uvret\Cut\CutPlan;
use Uvret\Cut\CutSheet;
use Uvret\Design\Design;
use Uvret\Geometry\Box;
use Uvret\Geometry\Length;
use Uvret\Separate\Separation;

/** Checks the results of every step for snags. */
final readonly class SnagFinder
{
    public function __construct(
        private FontsWith $fonts,
        private FilmSnags $films,
    ) {
    }

    /** @return list<Snag> in the order of the build sheet, then of the films */
    public function find(Design $design, Composition $composition, Separation $separation, CutPlan $plan): array
    {
        $snags = [];
        foreach ($composition->parts as $part) {
            if ($part->hidden || $part->also || $part->guide) {
                continue;
            }
            \array_push($snags, ...$this->ofPart($design, $composition->area, $part));
        }
        \array_push($snags, ...TreatmentSnags::of($design, $composition));
        \array_push($snags, ...HiddenSnags::of($design, $separation));
        \array_push($snags, ...SeparationSnags::of($design, $separation));
        \array_push($snags, ...KeepOffSnags::of($design, $composition));
        \array_push($snags, ...$this->films->of($design, $separation));
        \array_push($snags, ...ContrastSnags::of($design, $separation));
        \array_push($snags, ...FormerlySnags::of($design, $composition, $separation));
        foreach ($plan->sheets as $sheet) {
            \array_push($snags, ...$this->ofSheet($design, $sheet));
        }

        return $snags;
    }

    /** @return list<Snag> */
    private function ofPart(Design $design, Box $area, Part $part): array
    {
        $snags = [];
        if (null !== $part->failure) {
            $cure = [] === $part->missing ? 'The rest of the design is unaffected.' : $this->fonts->cure($part->missing);
            $snags[] = new Snag(SnagKind::NotMade, $part->failure, $cure, $part->card, $part->film);
        } elseif ([] !== $part->missing) {
            $letters = \implode(' ', \array_slice($part->missing, 0, 8));
            $snags[] = new Snag(
                kind: SnagKind::MissingLetter,
                message: "The font has no $letters: the knife would cut an empty box.",
                cure: $this->fonts->cure($part->missing),
                card: $part->card,
                film: $part->film,
                x: $part->ink?->left,
                y: $part->ink?->top,
            );
        }
        \array_push($snags, ...JointSnags::of($design, $part));
        \array_push($snags, ...FollowSnags::of($design, $part));
        if (null !== $design->blank->placement->brim) {
            \array_push($snags, ...BrimSnags::of($design, $part));
        } elseif (null !== ($ink = $part->reach()) && !$area->holds($ink)) {
            // The area is upright, so bounds are exact here.
            $over = [
                'left' => $area->left - $ink->left,
                'right' => $ink->right - $area->right,
                'bottom' => $area->bottom - $ink->bottom,
                'top' => $ink->top - $area->top,
            ];
            \arsort($over);
            $side = \array_key_first($over);
            $far = [];
            foreach (\array_filter($over, static fn (int $by): bool => $by > 0) as $where => $by) {
                $far[] = $design->measure($by)." at the $where";
            }
            $middle = [\intdiv($ink->left + $ink->right, 2), \intdiv($ink->bottom + $ink->top, 2)];
            [$x, $y] = match ($side) {
                'left' => [$area->left, $middle[1]],
                'right' => [$area->right, $middle[1]],
                'bottom' => [$middle[0], $area->bottom],
                'top' => [$middle[0], $area->top],
            };
            $snags[] = new Snag(
                kind: SnagKind::OutsideArea,
                message: \sprintf('The ink runs outside the area: %s.', \implode(', ', $far)),
                cure: $ink->width() > $area->width() || $ink->height() > $area->height()
                    ? 'Make the line smaller, or fit it to the area.'
                    : 'Move the line, or close the gap above it.',
                card: $part->card,
                film: $part->film,
                x: $x,
                y: $y,
            );
        }

        return $snags;
    }

    /** @return list<Snag> */
    private function ofSheet(Design $design, CutSheet $sheet): array
    {
        if ($sheet->fits()) {
            return [];
        }
        $unit = $design->unit;
        $needs = Length::ofMicrometres(\min($sheet->box->width(), $sheet->box->height()))->format($unit);
        $has = Length::ofMicrometres($sheet->film->width)->format($unit).' '.$unit->symbol();

        return [
            new Snag(
                kind: SnagKind::WiderThanFilm,
                message: "With its weeding box the layer is $needs wide; {$sheet->film->name} is $has wide.",
                cure: 'Make the lettering smaller, or choose a wider film.',
                card: null,
                film: $sheet->film->id,
            ),
        ];
    }
}
