<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

use Uvret\Type\OpenType\GlyphDefinitions;
use Uvret\Type\OpenType\Lookup;

/** GSUB: glyphs replaced by others, lookup types 1 to 6 and 8. */
final class Substitution extends SequenceContexts
{
    /** The state of the random numbers that the feature rand draws; the same for every line (minstd). */
    private int $seed = 1;

    protected function isReverse(Lookup $lookup): bool
    {
        return 8 === $lookup->type;
    }

    protected function stepsOverNonJoiner(bool $inContext): bool
    {
        return $inContext;
    }

    protected function subtable(int $type, int $at): bool
    {
        return match ($type) {
            1 => $this->single($at),
            2 => $this->multiple($at),
            3 => $this->alternate($at),
            4 => $this->ligature($at),
            5 => $this->context($at),
            6 => $this->chainedContext($at),
            8 => $this->reverseChained($at),
            default => false,
        };
    }

    private function single(int $at): bool
    {
        $table = $this->table;
        $glyph = $this->buffer->glyphs[$this->at]->glyph;
        $index = $this->layout->coverage($at + $table->u16($at + 2))->index($glyph);
        if (null === $index) {
            return false;
        }
        switch ($table->u16($at)) {
            case 1:
                $this->replace(($glyph + $table->u16($at + 4)) & 0xFFFF);
                break;
            case 2:
                if ($index >= $table->u16($at + 4)) {
                    return false;
                }
                $this->replace($table->u16($at + 6 + 2 * $index));
                break;
            default:
                return false;
        }
        ++$this->at;

        return true;
    }

    private function multiple(int $at): bool
    {
        $table = $this->table;
        $index = $this->layout->coverage($at + $table->u16($at + 2))->index($this->buffer->glyphs[$this->at]->glyph);
        if (1 !== $table->u16($at) || null === $index || $index >= $table->u16($at + 4)) {
            return false;
        }
        $sequence = $at + $table->u16($at + 6 + 2 * $index);
        $glyphs = $table->u16s($sequence + 2, $table->u16($sequence));
        if (1 === \count($glyphs)) {
            $this->replace($glyphs[0]);
            ++$this->at;

            return true;
        }
        if ([] === $glyphs) {
            $this->buffer->delete($this->at);

            return true;
        }
        if ($this->buffer->isFull()) {
            return false;
        }
        $from = $this->buffer->glyphs[$this->at];
        $guess = 0 !== ($from->kind & Glyph::LIGATURE) ? Glyph::BASE : 0;
        $pieces = [];
        foreach ($glyphs as $number => $glyph) {
            $piece = clone $from;
            if (0 === $from->ligature) {
                $piece->standAt(0, $number);
            }
            $piece->multiplied = true;
            $this->become($piece, $glyph, $guess);
            $pieces[] = $piece;
        }
        \array_splice($this->buffer->glyphs, $this->at, 1, $pieces);
        $this->at += \count($pieces);

        return true;
    }

    private function alternate(int $at): bool
    {
        $table = $this->table;
        $glyph = $this->buffer->glyphs[$this->at];
        $index = $this->layout->coverage($at + $table->u16($at + 2))->index($glyph->glyph);
        if (1 !== $table->u16($at) || null === $index || $index >= $table->u16($at + 4)) {
            return false;
        }
        $set = $at + $table->u16($at + 6 + 2 * $index);
        $count = $table->u16($set);
        $chosen = ($glyph->mask & $this->mask) >> $this->shift;
        if (255 === $chosen && $this->random && $count > 0) {
            $this->seed = $this->seed * 48271 % 2147483647;
            $chosen = $this->seed % $count + 1;
        }
        if ($chosen < 1 || $chosen > $count) {
            return false;
        }
        $this->replace($table->u16($set + 2 + 2 * ($chosen - 1)));
        ++$this->at;

        return true;
    }

    private function ligature(int $at): bool
    {
        $table = $this->table;
        $index = $this->layout->coverage($at + $table->u16($at + 2))->index($this->buffer->glyphs[$this->at]->glyph);
        if (1 !== $table->u16($at) || null === $index || $index >= $table->u16($at + 4)) {
            return false;
        }
        $set = $at + $table->u16($at + 6 + 2 * $index);
        foreach ($table->u16s($set + 2, $table->u16($set)) as $offset) {
            $ligature = $set + $offset;
            $count = $table->u16($ligature + 2);
            if (0 === $count) {
                continue;
            }
            if (1 === $count) {
                // A ligature of one glyph is a mere replacement.
                $this->replace($table->u16($ligature));
                ++$this->at;

                return true;
            }
            $wants = \array_map(
                static fn (int $wanted): callable => static fn (int $glyph): bool => $glyph === $wanted,
                $table->u16s($ligature + 4, $count - 1),
            );
            $places = $this->input($wants);
            if (null !== $places) {
                $this->ligate($table->u16($ligature), $places);

                return true;
            }
        }

        return false;
    }

    /** @param list<int> $places */
    private function ligate(int $ligature, array $places): void
    {
        $glyphs = $this->buffer->glyphs;
        $first = $glyphs[$places[0]];
        $this->buffer->mergeClusters($places[0], $places[\count($places) - 1] + 1);
        $marks = \array_map(static fn (int $place): bool => $glyphs[$place]->isMark(), \array_slice($places, 1));
        $onlyMarks = !\in_array(false, $marks, true);
        $isBase = $onlyMarks && $first->isBase();
        $isMark = $onlyMarks && $first->isMark();
        $isLigature = !$isBase && !$isMark;
        $total = \array_sum(\array_map(static fn (int $place): int => $glyphs[$place]->componentCount(), $places));
        $id = $isLigature ? $this->buffer->newLigature() : 0;
        $lastId = $first->ligature;
        $lastCount = $first->componentCount();
        $soFar = $lastCount;
        if ($isLigature) {
            $first->becomeLigature($id, $total);
        }
        $this->become($first, $ligature, $isLigature ? Glyph::LIGATURE : 0);

        // Marks that were stepped over hang on the components that they stood at.
        $at = $places[0] + 1;
        $kept = [];
        foreach (\array_slice($places, 1) as $place) {
            for (; $at < $place; ++$at) {
                if ($isLigature) {
                    $this->rehang($glyphs[$at], $id, $soFar, $lastCount);
                }
                $kept[] = $glyphs[$at];
            }
            $lastId = $glyphs[$place]->ligature;
            $lastCount = $glyphs[$place]->componentCount();
            $soFar += $lastCount;
            ++$at;
        }
        if (!$isMark && $lastId > 0) {
            for ($i = $at; isset($glyphs[$i]) && $glyphs[$i]->ligature === $lastId && $glyphs[$i]->componentOf() > 0; ++$i) {
                $this->rehang($glyphs[$i], $id, $soFar, $lastCount);
            }
        }
        \array_splice($this->buffer->glyphs, $places[0] + 1, $at - $places[0] - 1, $kept);
        $this->at = $places[0] + 1 + \count($kept);
    }

    private function rehang(Glyph $mark, int $ligature, int $soFar, int $lastCount): void
    {
        $component = 0 === $mark->componentOf() ? $lastCount : $mark->componentOf();
        $mark->standAt($ligature, $soFar - $lastCount + \min($component, $lastCount));
    }

    private function reverseChained(int $at): bool
    {
        $table = $this->table;
        $index = $this->layout->coverage($at + $table->u16($at + 2))->index($this->buffer->glyphs[$this->at]->glyph);
        if (1 !== $table->u16($at) || null === $index) {
            return false;
        }
        $backtrack = $table->u16s($at + 6, $table->u16($at + 4));
        $p = $at + 6 + 2 * \count($backtrack);
        $lookahead = $table->u16s($p + 2, $table->u16($p));
        $p += 2 + 2 * \count($lookahead);
        if ($index >= $table->u16($p)) {
            return false;
        }
        foreach ([[-1, $backtrack], [1, $lookahead]] as [$step, $offsets]) {
            $from = $this->at;
            foreach ($offsets as $offset) {
                $from = $this->next($from, $step, true, $this->covers($at, $offset));
                if (null === $from) {
                    return false;
                }
            }
        }
        $this->replace($table->u16($p + 2 + 2 * $index));

        return true;
    }

    private function replace(int $glyph): void
    {
        $this->become($this->buffer->glyphs[$this->at], $glyph, 0);
    }

    private function become(Glyph $glyph, int $number, int $guess): void
    {
        $glyph->glyph = $number;
        $glyph->substituted = true;
        if ($this->definitions->hasClasses()) {
            $glyph->kind = self::kindOf($this->definitions, $number);
        } elseif (0 !== $guess) {
            $glyph->kind = $guess;
        }
    }

    /** What a font says a glyph is, in the bits of Glyph. */
    public static function kindOf(GlyphDefinitions $definitions, int $glyph): int
    {
        return match ($definitions->classOf($glyph)) {
            GlyphDefinitions::BASE => Glyph::BASE,
            GlyphDefinitions::LIGATURE => Glyph::LIGATURE,
            GlyphDefinitions::MARK => Glyph::MARK | $definitions->markClassOf($glyph) << 8,
            default => 0,
        };
    }
}
