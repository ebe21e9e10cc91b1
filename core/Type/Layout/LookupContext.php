<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

use Uvret\Type\FontException;
use Uvret\Type\OpenType\GlyphDefinitions;
use Uvret\Type\OpenType\LayoutTable;
use Uvret\Type\OpenType\Lookup;
use Uvret\Type\OpenType\Table;

/**
 * Applies the lookups of one table to a line: walks over the glyphs that a lookup looks at, and lets lookups
 * call others. Follows HarfBuzz's hb-ot-layout-gsubgpos.
 */
abstract class LookupContext
{
    private const DEEPEST = 64;
    private const MOST_STEPS = 200000;
    private const LONGEST_MATCH = 64;

    public int $at = 0;

    protected Lookup $lookup;

    /** The bits that a glyph needs for the lookup to be on for it, and the lowest of them. */
    protected int $mask = FeaturePlan::EVERY;
    protected int $shift = 30;
    protected bool $random = false;

    /** Whether zero-width joiners are in the way of a match. */
    private bool $joiners = false;

    protected readonly Table $table;

    private int $depth = 0;
    private int $steps = self::MOST_STEPS;

    public function __construct(
        protected readonly GlyphBuffer $buffer,
        protected readonly LayoutTable $layout,
        protected readonly GlyphDefinitions $definitions,
    ) {
        $this->table = $layout->table ?? throw FontException::missingTable('GSUB');
        $this->lookup = new Lookup(0, 0, [], 0);
    }

    /** Applies one subtable at the present glyph and goes on after what it matched; false if it does not match. */
    abstract protected function subtable(int $type, int $at): bool;

    /** Whether zero-width joiners and non-joiners are stepped over where nothing asks for them. */
    abstract protected function stepsOverNonJoiner(bool $inContext): bool;

    /** @param list<array{lookup: int, mask: int, shift: int, random: bool, joiners: bool}> $lookups */
    public function applyAll(array $lookups): void
    {
        foreach ($lookups as ['lookup' => $number, 'mask' => $mask, 'shift' => $shift, 'random' => $random, 'joiners' => $joiners]) {
            $lookup = $this->layout->lookup($number);
            if (null === $lookup) {
                continue;
            }
            [$this->lookup, $this->mask, $this->shift, $this->random, $this->joiners] = [$lookup, $mask, $shift, $random, $joiners];
            $starts = $this->layout->startsOf($number);
            $this->isReverse($lookup) ? $this->backward($lookup, $starts) : $this->forward($lookup, $starts);
        }
    }

    protected function isReverse(Lookup $lookup): bool
    {
        return false;
    }

    /** @param array<int, true> $starts */
    private function forward(Lookup $lookup, array $starts): void
    {
        $this->at = 0;
        while ($this->at < $this->buffer->count()) {
            $glyph = $this->buffer->glyphs[$this->at];
            $before = $this->at;
            if (!isset($starts[$glyph->glyph]) || 0 === ($glyph->mask & $this->mask) || !$this->looksAt($glyph, $lookup) || !$this->apply($lookup)) {
                $this->at = $before + 1;
            }
        }
    }

    /** @param array<int, true> $starts */
    private function backward(Lookup $lookup, array $starts): void
    {
        for ($i = $this->buffer->count() - 1; $i >= 0; --$i) {
            $this->at = $i;
            $glyph = $this->buffer->glyphs[$i];
            if (isset($starts[$glyph->glyph]) && 0 !== ($glyph->mask & $this->mask) && $this->looksAt($glyph, $lookup)) {
                $this->apply($lookup);
            }
        }
    }

    private function apply(Lookup $lookup): bool
    {
        foreach ($lookup->subtables as $subtable) {
            if (--$this->steps < 0) {
                return false;
            }
            if ($this->subtable($lookup->type, $subtable)) {
                return true;
            }
        }

        return false;
    }

    /** Applies another lookup at the present glyph. */
    private function recurse(int $number): bool
    {
        $lookup = $this->layout->lookup($number);
        if (null === $lookup || $this->depth >= self::DEEPEST) {
            return false;
        }
        $outer = $this->lookup;
        $this->lookup = $lookup;
        ++$this->depth;
        $applied = $this->apply($lookup);
        --$this->depth;
        $this->lookup = $outer;

        return $applied;
    }

    /** Whether a lookup's flag lets it see a glyph. */
    protected function looksAt(Glyph $glyph, ?Lookup $lookup = null): bool
    {
        $lookup ??= $this->lookup;
        $flag = $lookup->flag;
        $kind = $glyph->kind;
        if (0 !== ($kind & $flag & Lookup::IGNORE_FLAGS)) {
            return false;
        }
        if (0 === ($kind & Glyph::MARK)) {
            return true;
        }
        if (0 !== ($flag & Lookup::USE_MARK_SET)) {
            return $this->definitions->markSetHolds($lookup->markSet, $glyph->glyph);
        }

        return 0 === ($flag & 0xFF00) || ($flag & 0xFF00) === ($kind & 0xFF00);
    }

    /**
     * The next glyph in a direction that a match looks at; null if one is in the way or the line ends.
     *
     * @param int                        $step  1 or −1
     * @param (callable(int): bool)|null $wants whether the match wants the glyph of that number
     */
    protected function next(int $from, int $step, bool $inContext, ?callable $wants = null, ?Lookup $lookup = null): ?int
    {
        $glyphs = $this->buffer->glyphs;
        for ($i = $from + $step; isset($glyphs[$i]); $i += $step) {
            $glyph = $glyphs[$i];
            if (!$this->looksAt($glyph, $lookup)) {
                continue;
            }
            $perhaps = $glyph->ignorable && !$glyph->hidden && !$glyph->substituted
                && ($this->stepsOverNonJoiner($inContext) || 0x200C !== $glyph->codePoint)
                && ($inContext || !$this->joiners || 0x200D !== $glyph->codePoint);
            $fits = $inContext || 0 !== ($glyph->mask & $this->mask);
            if ($fits && null !== $wants) {
                $fits = $wants($glyph->glyph);
                if ($fits) {
                    return $i;
                }
            } elseif ($fits && !$perhaps) {
                return $i;
            }
            if (!$perhaps) {
                return null;
            }
        }

        return null;
    }

    /**
     * Matches a sequence that begins at the present glyph.
     *
     * @param list<callable(int): bool> $wants what each glyph after the first has to be
     *
     * @return list<int>|null if the glyphs are, the first one too
     */
    protected function input(array $wants): ?array
    {
        if (\count($wants) >= self::LONGEST_MATCH) {
            return null;
        }
        $first = $this->buffer->glyphs[$this->at];
        [$ligature, $component] = [$first->ligature, $first->componentOf()];
        $mayPass = null;
        $places = [$this->at];
        $at = $this->at;
        foreach ($wants as $want) {
            $at = $this->next($at, 1, false, $want);
            if (null === $at) {
                return null;
            }
            $places[] = $at;
            $glyph = $this->buffer->glyphs[$at];
            if ($ligature > 0 && $component > 0) {
                // What hangs on one component of a ligature goes together only with what hangs there too,
                // unless the ligature is one that the lookup does not look at.
                if ($glyph->ligature !== $ligature || $glyph->componentOf() !== $component) {
                    $mayPass ??= $this->ligatureIsIgnored($ligature);
                    if (!$mayPass) {
                        return null;
                    }
                }
            } elseif ($glyph->ligature > 0 && $glyph->componentOf() > 0 && $glyph->ligature !== $ligature) {
                return null;
            }
        }

        return $places;
    }

    private function ligatureIsIgnored(int $ligature): bool
    {
        for ($i = $this->at - 1; $i >= 0 && $this->buffer->glyphs[$i]->ligature === $ligature; --$i) {
            if (0 === $this->buffer->glyphs[$i]->componentOf()) {
                return !$this->looksAt($this->buffer->glyphs[$i]);
            }
        }

        return false;
    }

    /** @param list<callable(int): bool> $wants what the glyphs beside the match have to be, the nearest first */
    private function beside(int $from, int $step, array $wants): bool
    {
        foreach ($wants as $want) {
            $from = $this->next($from, $step, true, $want);
            if (null === $from) {
                return false;
            }
        }

        return true;
    }

    /**
     * Matches a context and applies its lookups within the input.
     *
     * @param list<callable(int): bool> $input
     * @param list<callable(int): bool> $backtrack
     * @param list<callable(int): bool> $lookahead
     */
    protected function act(array $input, int $recordsAt, int $recordCount, array $backtrack, array $lookahead): bool
    {
        $places = $this->input($input);
        if (null === $places) {
            return false;
        }
        $end = $places[\count($places) - 1] + 1;
        if (!$this->beside($this->at, -1, $backtrack) || !$this->beside($end - 1, 1, $lookahead)) {
            return false;
        }
        $records = $this->table->u16s($recordsAt, 2 * $recordCount);
        for ($r = 0; $r < 2 * $recordCount; $r += 2) {
            $index = $records[$r];
            $length = $this->buffer->count();
            if ($index >= \count($places) || $places[$index] >= $length) {
                continue;
            }
            $this->at = $places[$index];
            if (!$this->recurse($records[$r + 1])) {
                continue;
            }
            $delta = $this->buffer->count() - $length;
            if (0 === $delta) {
                continue;
            }
            // The lookup made the line longer or shorter: what comes after it has moved.
            $end += $delta;
            if ($end < $places[$index]) {
                $delta += $places[$index] - $end;
                $end = $places[$index];
            }
            $count = \count($places);
            if ($delta > 0 && $delta + $count > self::LONGEST_MATCH) {
                break;
            }
            $kept = \array_slice($places, 0, $index + 1);
            $after = \array_slice($places, $index + 1 + ($delta < 0 ? \min(-$delta, $count - $index - 1) : 0));
            for ($i = 0; $i < $delta; ++$i) {
                $kept[] = $kept[\count($kept) - 1] + 1;
            }
            $shift = $delta < 0 ? -\min(-$delta, $count - $index - 1) : $delta;
            $places = [...$kept, ...\array_map(static fn (int $place): int => $place + $shift, $after)];
        }
        $this->at = $end;

        return true;
    }
}
