<?php

declare(strict_types=1);

namespace Uvret\Proof;

use Uvret\Blanks\Drawing;
use Uvret\Compose\Part;
use Uvret\Compose\PartRole;
use Uvret\Design\FilmFace;
use Uvret\Design\Finish;
use Uvret\Design\FromEdge;
use Uvret\Geometry\Length;
use Uvret\Plan\Plan;
use Uvret\Separate\CutLayer;

/** Plan → the customer's proof: an A4 page with the design on its blank, close up, and with its sizes. */
final readonly class Proof
{
    private const WIDTH = 210;
    private const HEIGHT = 297;
    private const MARGIN = 15;
    /** How broad a letter is on an average, in ems: rather more than less. */
    private const BREADTH = 0.62;
    private const QUIET = '#5C5A66';

    /** @return string an SVG document; its texts are set in Archivo */
    public function page(Plan $plan, ProofNotes $notes): string
    {
        $design = $plan->design;
        $page = new Page(self::WIDTH, self::HEIGHT);
        $page->rectangle(0, 0, self::WIDTH, self::HEIGHT, '#FFFDF8');
        $page->rectangle(0, 0, self::WIDTH, 32, '#F5F1E8');
        $page->text(self::MARGIN, 15, 6.4, Page::shortened($design->name, 44), true);
        $page->text(self::MARGIN, 23, 3.8, Page::shortened("$notes->job · $notes->customer", 80), false, self::QUIET);
        $page->text(self::WIDTH - self::MARGIN, 15, 3.8, "Proof of version $notes->version", true, anchor: 'end');
        $page->text(self::WIDTH - self::MARGIN, 23, 3.8, $notes->day, false, self::QUIET, 'end');

        $ink = $plan->composition->ink() ?? $plan->composition->area;
        $worn = Drawing::named($design->blank->drawing);
        $extent = $worn->extent($design->blank);
        // On paper the films' faces are as large as on the film, or they would not be seen.
        $lettering = FilmFace::patterns($design->films, \max(1.0, $ink->width() / 78_000, $ink->height() / 84_000)).WornPicture::lettering($plan);
        $page->picture(self::MARGIN, 38, 86, 92, WornPicture::viewBox($extent), $worn->placed($design->blank).$lettering);
        $page->rectangle(109, 38, 86, 92, $design->blank->fabric->colour, '#CFC6B4');
        $page->picture(113, 42, 78, 84, WornPicture::viewBox($ink), $lettering);
        $page->text(self::MARGIN + 43, 136, 3.4, 'As worn', false, self::QUIET, 'middle');
        $page->text(152, 136, 3.4, 'The lettering, close up', false, self::QUIET, 'middle');

        $this->facts($page, $plan);
        $y = $this->cards($page, $plan);
        $page->line(self::MARGIN, $y, self::WIDTH - self::MARGIN, $y, '1 1');
        $page->text(self::MARGIN, $y + 7, 3.6, 'Please check the words letter by letter, the sizes, the colours and the place on the blank.');
        $this->approval($page, $notes);

        return $page->svg("$design->name, proof of version $notes->version");
    }

    private function facts(Page $page, Plan $plan): void
    {
        $design = $plan->design;
        $blank = $design->blank;
        $ink = $plan->composition->ink();
        $measure = $design->measure(...);
        $from = \array_map(static fn (FromEdge $from): string => $measure($from->distance).' from the '.$from->edge, $blank->placement->from);
        $facts = [
            'On' => "$blank->name, $blank->size, {$blank->fabric->name}",
            'Place' => \implode(', ', [$blank->placement->name, ...$from]),
            'Ink' => null === $ink ? 'none yet' : $measure($ink->width()).' wide, '.$measure($ink->height()).' high',
            'Films' => \implode(', ', \array_map(
                static fn (CutLayer $layer): string => $layer->film->name
                    .(Finish::Smooth === $layer->film->finish ? '' : " ({$layer->film->finish->value})"),
                $plan->separation->layers,
            )),
        ];
        $y = 143.6;
        foreach (\array_filter($facts) as $name => $fact) {
            $page->text(self::MARGIN, $y, 3.6, $name, false, self::QUIET);
            $page->text(self::MARGIN + 16, $y, 3.6, Page::shortened($fact, 90), true);
            $y += 5.4;
        }
    }

    /** A row for each card, with the films of all that belongs to it. Returns how far down the page is filled. */
    private function cards(Page $page, Plan $plan): float
    {
        $design = $plan->design;
        /** @var array<string, non-empty-list<Part>> $cards */
        $cards = [];
        foreach ($plan->composition->parts as $part) {
            if (null !== $part->ink && !$part->hidden && !$part->guide) {
                $cards[$part->card][] = $part;
            }
        }
        // Rows draw together where there are many.
        $step = \min(12.0, 94 / \max(1, \count($cards)));
        $size = \min(3.6, 0.36 * $step);
        $y = 164.0;
        foreach ($cards as $card => $parts) {
            $films = [];
            $page->line(self::MARGIN, $y, self::WIDTH - self::MARGIN, $y);
            foreach ($parts as $part) {
                $film = $design->film($part->film);
                $films[(PartRole::Base === $part->role ? '' : $part->role->value.' ').$film->name] = $film->colour;
            }
            // The words are there to the last letter, however many they are.
            $words = $design->cardName((string) $card);
            $page->text(self::MARGIN, $y + 0.42 * $step, \min($size, 150 / (self::BREADTH * \max(1, \mb_strlen($words)))), $words, true);
            $page->text(
                self::WIDTH - self::MARGIN,
                $y + 0.42 * $step,
                $size,
                Length::ofMicrometres($parts[0]->width)->format($design->unit).' × '.$design->measure($parts[0]->height),
                false,
                self::QUIET,
                'end',
            );
            foreach (\array_values($films) as $at => $colour) {
                $page->rectangle(self::MARGIN + $at * ($size + 0.8), $y + 0.83 * $step - 0.85 * $size, $size, $size, $colour, '#CFC6B4');
            }
            $page->text(
                self::MARGIN + \count($films) * ($size + 0.8) + 1,
                $y + 0.83 * $step,
                0.92 * $size,
                Page::shortened(\implode(', ', \array_keys($films)), 80),
                false,
                self::QUIET,
            );
            $y += $step;
        }
        $y += 2;

        return \max($y, 200.0);
    }

    private function approval(Page $page, ProofNotes $notes): void
    {
        if (null !== $notes->approved) {
            $page->rectangle(self::MARGIN, 272, 180, 12, '#EEF1E9', '#4F7355');
            $page->text(self::MARGIN + 5, 279.4, 4, Page::shortened($notes->approved, 90), true, '#3F5F45');

            return;
        }
        $page->text(self::MARGIN, 280, 3.6, 'Approved by', false, self::QUIET);
        $page->line(self::MARGIN + 24, 280.5, 120, 280.5);
        $page->text(126, 280, 3.6, 'on', false, self::QUIET);
        $page->line(133, 280.5, 195, 280.5);
    }
}
