<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Design\Design;
use Uvret\Geometry\Length;
use Uvret\Plan\Plan;
use Uvret\Proof\Page;
use Uvret\Proof\WornPicture;

/** Press plan → press card pages: placement, steps, and the list of people with the numbers on their pieces. */
final readonly class PressCard
{
    private const MARGIN = 14;
    private const QUIET = '#5C5A66';
    private const MARK = '#C9781A';

    /** Rows of the list on the first page, and on each further page. */
    private const FIRST = 26;
    private const MORE = 92;

    /** @return list<string> SVG documents, one per page, with text in Archivo */
    public function pages(PressPlan $press, Plan $plan, PressNotes $notes): array
    {
        $first = $this->first($press, $plan, $notes);
        $pages = [$first];
        foreach (\array_chunk(\array_slice($notes->rows, self::FIRST), self::MORE) as $rows) {
            $page = $this->page($notes);
            $this->head($page, $plan->design, $notes);
            $this->rows($page, $plan->design, $rows, 36, self::MORE, $notes);
            $pages[] = $page;
        }

        return \array_map(static fn (Page $page): string => $page->svg("{$plan->design->name}, press card"), $pages);
    }

    private function page(PressNotes $notes): Page
    {
        $page = new Page($this->width($notes), $this->height($notes));
        $page->rectangle(0, 0, $this->width($notes), $this->height($notes), '#FFFFFF');

        return $page;
    }

    private function width(PressNotes $notes): int
    {
        return $notes->sheet ? 216 : 210;
    }

    private function height(PressNotes $notes): int
    {
        return $notes->sheet ? 279 : 297;
    }

    private function first(PressPlan $press, Plan $plan, PressNotes $notes): Page
    {
        $design = $plan->design;
        $page = $this->page($notes);
        $this->head($page, $design, $notes);
        $this->picture($page, $press, $plan);
        $y = 41.0;
        if (null !== $press->problem) {
            foreach (self::wrapped($press->problem, 44) as $line) {
                $page->text(112, $y, 4.2, $line, true, '#B3372F');
                $y += 6;
            }
        }
        foreach ($press->steps as $number => $step) {
            $page->text(112, $y + 1.5, 5.2, (string) ($number + 1), true, self::MARK);
            $page->text(119, $y, 4.4, Page::shortened($step->title($this->thing($design)), 34), true);
            $page->text(119, $y + 4.6, 3.2, Page::shortened($step->hint($plan->separation->marks->kind), 46), false, self::QUIET);
            // Press settings are never truncated.
            if (null !== $step->temperature) {
                $page->text(119, $y + 11.4, 5.6, "{$step->temperature} °C", true);
                $page->text(145, $y + 11.4, 5.6, self::seconds($step, $press), true);
                $page->text(172, $y + 11.4, 4.2, $step->pressure->value ?? '');
            }
            $y += null === $step->temperature ? 12.5 : 18.5;
        }
        $page->text(112, $y, 3.4, $this->sections($press, $design), false, self::QUIET);
        $y += 5.4;
        foreach ($press->notes as $note) {
            foreach (self::wrapped($note, 52) as $line) {
                $page->text(112, $y, 3.2, $line, false, self::QUIET);
                $y += 4.4;
            }
        }
        $this->rows($page, $design, \array_slice($notes->rows, 0, self::FIRST), \max(150.0, $y + 6), self::FIRST, $notes);

        return $page;
    }

    private function head(Page $page, Design $design, PressNotes $notes): void
    {
        $right = $this->width($notes) - self::MARGIN;
        $page->text(self::MARGIN, 15, 6.2, Page::shortened($design->name, 40), true);
        $page->text(self::MARGIN, 22.5, 3.6, Page::shortened("$notes->job · $notes->customer", 76), false, self::QUIET);
        $page->text($right, 15, 4.2, 'Press card', true, anchor: 'end');
        $pieces = 1 === $notes->pieces ? '1 piece' : "$notes->pieces pieces";
        $page->text($right, 22.5, 3.6, '' === $notes->due ? $pieces : "$pieces · due $notes->due", false, self::QUIET, 'end');
        $page->line(self::MARGIN, 27, $right, 27, '1 1');
    }

    private function picture(Page $page, PressPlan $press, Plan $plan): void
    {
        [$box, $content] = PressPicture::parts($press, $plan, 92, 104);
        $page->picture(self::MARGIN, 34, 92, 104, WornPicture::viewBox($box), $content);
        $edge = $press->distances[0]->edge ?? null;
        $unit = $plan->design->unit->symbol();
        $page->text(60, 143.5, 3.4, null === $edge ? 'No edge to measure from' : "Measure from the $edge, in $unit, to 2 mm", false, self::QUIET, 'middle');
    }

    /** @param list<PressRow> $rows */
    private function rows(Page $page, Design $design, array $rows, float $y, int $room, PressNotes $notes): void
    {
        if ([] === $rows) {
            return;
        }
        // Two columns, filled top to bottom.
        $perColumn = \max(1, (int) \ceil($room / 2));
        $step = \min(7.4, ($this->height($notes) - 14 - $y) / ($perColumn + 1));
        $breadth = ($this->width($notes) - 2 * self::MARGIN - 6) / 2;
        foreach (\array_chunk($rows, $perColumn) as $column => $part) {
            $x = self::MARGIN + $column * ($breadth + 6);
            $page->text($x, $y, 3, 'Name', false, self::QUIET);
            $page->text($x + $breadth - 12, $y, 3, 'Number on the pieces', false, self::QUIET, 'end');
            $page->text($x + $breadth, $y, 3, 'done', false, self::QUIET, 'end');
            foreach ($part as $at => $row) {
                $at = $y + ($at + 1) * $step;
                $page->line($x, $at - 0.66 * $step, $x + $breadth, $at - 0.66 * $step);
                $name = '' === $row->about ? $row->name : "$row->name · $row->about";
                $page->text($x, $at, \min(0.52 * $step, 3.8), Page::shortened($name, 24), true);
                $page->text($x + $breadth - 12, $at, \min(0.5 * $step, 3.6), Page::shortened(self::numbers($row, $design), 26), false, anchor: 'end');
                $page->rectangle($x + $breadth - 4, $at - 3, 3.4, 3.4, $row->pressed ? '#4F7355' : '#FFFFFF', '#5C5A66');
            }
        }
    }

    /** One number if it is the same on all films, otherwise one per film. */
    private static function numbers(PressRow $row, Design $design): string
    {
        if ([] === $row->numbers) {
            return 'not cut yet';
        }
        $texts = \array_map(static fn (array $numbers): string => \implode(', ', $numbers), $row->numbers);
        if (1 === \count(\array_unique($texts))) {
            return \reset($texts);
        }
        $byFilm = [];
        foreach ($texts as $film => $text) {
            $byFilm[] = "{$design->film((string) $film)->name} $text";
        }

        return \implode(' · ', $byFilm);
    }

    /** Seconds of the first and, if different, of further sections. */
    private static function seconds(PressStep $step, PressPlan $press): string
    {
        return $step->later === $step->seconds || 1 === $press->times($step) ? "{$step->seconds} s" : "{$step->seconds}, {$step->later} s";
    }

    private function sections(PressPlan $press, Design $design): string
    {
        $count = \count($press->sections);
        if (0 === $count) {
            return 'Laid on cold, by hand';
        }
        $size = Length::ofMicrometres($press->platen->width)->format($design->unit).' × '.$design->measure($press->platen->height);

        return 1 === $count ? "Platen $size, one pressing" : "Platen $size, $count sections, each step in every one";
    }

    private function thing(Design $design): string
    {
        return \mb_strtolower(\explode(',', $design->blank->name)[0]);
    }

    /** @return list<string> */
    private static function wrapped(string $text, int $most): array
    {
        return \explode("\n", \wordwrap($text, $most));
    }
}
