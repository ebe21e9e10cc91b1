<?php

declare(strict_types=1);

namespace Uvret\Proof;

use Uvret\Design\Design;
use Uvret\Geometry\SvgPath;

/** A design and a list → A4 pages for the customer: everybody's lettering at one scale, the name in plain type beneath it. */
final readonly class ListProof
{
    private const WIDTH = 210;
    private const HEIGHT = 297;
    private const MARGIN = 15;
    private const COLUMNS = 3;
    private const ROWS = 8;
    private const STEP_X = 61;
    private const STEP_Y = 28.4;
    private const TOP = 34;
    private const QUIET = '#5C5A66';
    private const WARNING = '#B3372F';

    /**
     * @param list<ListEntry> $entries in the order of the list
     *
     * @return list<string> SVG documents, a page each; their texts are set in Archivo
     */
    public function pages(Design $design, array $entries, ProofNotes $notes): array
    {
        $widest = $highest = 1;
        foreach ($entries as $entry) {
            $widest = \max($widest, $entry->picture?->box?->width() ?? 1);
            $highest = \max($highest, $entry->picture?->box?->height() ?? 1);
        }
        $sheets = \array_chunk($entries, self::COLUMNS * self::ROWS) ?: [[]];
        $pages = [];
        foreach ($sheets as $number => $sheet) {
            $page = new Page(self::WIDTH, self::HEIGHT);
            $this->head($page, $design, $notes, $number + 1, \count($sheets));
            foreach ($sheet as $at => $entry) {
                $x = self::MARGIN + self::STEP_X * ($at % self::COLUMNS);
                $y = self::TOP + self::STEP_Y * \intdiv($at, self::COLUMNS);
                $this->entry($page, $design, $entry, $x, $y, [$widest, $highest]);
            }
            $this->foot($page, $notes, \count($entries));
            $pages[] = $page->svg("$design->name, names, page ".($number + 1));
        }

        return $pages;
    }

    private function head(Page $page, Design $design, ProofNotes $notes, int $number, int $of): void
    {
        $page->rectangle(0, 0, self::WIDTH, self::HEIGHT, '#FFFDF8');
        $page->rectangle(0, 0, self::WIDTH, 27, '#F5F1E8');
        $page->text(self::MARGIN, 13, 5.6, Page::shortened("$design->name: names", 48), true);
        $page->text(self::MARGIN, 20.5, 3.6, Page::shortened("$notes->job · $notes->customer", 80), false, self::QUIET);
        $page->text(self::WIDTH - self::MARGIN, 13, 3.6, "Proof of version $notes->version", true, anchor: 'end');
        $page->text(self::WIDTH - self::MARGIN, 20.5, 3.6, "$notes->day · page $number of $of", false, self::QUIET, 'end');
    }

    /** @param array{int, int} $frame what every picture has room for, in µm: one scale for all */
    private function entry(Page $page, Design $design, ListEntry $entry, float $x, float $y, array $frame): void
    {
        $page->rectangle($x, $y, 58, 16, $design->blank->fabric->colour, '' === $entry->mark ? '#CFC6B4' : self::WARNING);
        $box = $entry->picture?->box;
        if (null !== $box && null !== $entry->picture) {
            [$width, $height] = $frame;
            $paths = '';
            foreach ($entry->picture->parts as [$film, $region]) {
                $paths .= \sprintf('<path fill="%s" fill-rule="evenodd" d="%s"/>', $film->colour, SvgPath::inMicrometres($region, 0, 0));
            }
            $left = \intdiv($box->left + $box->right - $width, 2);
            $top = -\intdiv($box->top + $box->bottom + $height, 2);
            $page->picture($x + 2, $y + 1.5, 54, 13, "$left $top $width $height", $paths);
        }
        // Plain type, letter by letter: what is cut is checked against it.
        $page->text($x, $y + 20, \min(3.8, 88 / \max(1, \mb_strlen($entry->name))), $entry->name, true);
        $about = \implode(' · ', \array_filter([$entry->about, null === $box ? 'nothing to cut' : '']));
        $page->text($x, $y + 23.8, 2.9, Page::shortened($about, 38), false, self::QUIET);
        if ('' !== $entry->mark) {
            $page->text($x + 58, $y + 23.8, 2.9, $entry->mark, true, self::WARNING, 'end');
        }
    }

    private function foot(Page $page, ProofNotes $notes, int $count): void
    {
        $y = 268;
        $page->line(self::MARGIN, $y, self::WIDTH - self::MARGIN, $y, '1 1');
        $people = 1 === $count ? '1 name' : "$count names";
        $page->text(self::MARGIN, $y + 6, 3.4, "Please check each of the $people letter by letter, with number and size.");
        if (null !== $notes->approved) {
            $page->rectangle(self::MARGIN, 277, 180, 10, '#EEF1E9', '#4F7355');
            $page->text(self::MARGIN + 4, 283.4, 3.6, Page::shortened($notes->approved, 100), true, '#3F5F45');

            return;
        }
        $page->text(self::MARGIN, 285, 3.4, 'Approved by', false, self::QUIET);
        $page->line(self::MARGIN + 22, 285.5, 120, 285.5);
        $page->text(126, 285, 3.4, 'on', false, self::QUIET);
        $page->line(133, 285.5, 195, 285.5);
    }
}
