<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

use Uvret\Type\OpenType\Lookup;

/** GPOS: glyphs moved, lookup types 1 to 8. What hangs on another glyph is put there at the end. */
final class Positioning extends SequenceContexts
{
    private const X_PLACEMENT = 0x01;
    private const Y_PLACEMENT = 0x02;
    private const X_ADVANCE = 0x04;

    protected function stepsOverNonJoiner(bool $inContext): bool
    {
        return true;
    }

    protected function subtable(int $type, int $at): bool
    {
        return match ($type) {
            1 => $this->single($at),
            2 => $this->pair($at),
            3 => $this->cursive($at),
            4 => $this->markToBase($at),
            5 => $this->markToLigature($at),
            6 => $this->markToMark($at),
            7 => $this->context($at),
            8 => $this->chainedContext($at),
            default => false,
        };
    }

    private function single(int $at): bool
    {
        $table = $this->table;
        $glyph = $this->buffer->glyphs[$this->at];
        $index = $this->layout->coverage($at + $table->u16($at + 2))->index($glyph->glyph);
        if (null === $index) {
            return false;
        }
        $format = $table->u16($at + 4);
        switch ($table->u16($at)) {
            case 1:
                $this->move($glyph, $at + 6, $format);
                break;
            case 2:
                if ($index >= $table->u16($at + 6)) {
                    return false;
                }
                $this->move($glyph, $at + 8 + $index * self::size($format), $format);
                break;
            default:
                return false;
        }
        ++$this->at;

        return true;
    }

    private function pair(int $at): bool
    {
        $table = $this->table;
        $first = $this->buffer->glyphs[$this->at];
        $index = $this->layout->coverage($at + $table->u16($at + 2))->index($first->glyph);
        if (null === $index) {
            return false;
        }
        $next = $this->next($this->at, 1, false);
        if (null === $next) {
            return false;
        }
        $second = $this->buffer->glyphs[$next];
        [$format1, $format2] = [$table->u16($at + 4), $table->u16($at + 6)];
        [$size1, $size2] = [self::size($format1), self::size($format2)];
        switch ($table->u16($at)) {
            case 1:
                $values = $this->pairSet($at, $index, $second->glyph, 2 + $size1 + $size2);
                break;
            case 2:
                $class2 = $this->layout->classes($at + $table->u16($at + 10))->of($second->glyph);
                $class1 = $this->layout->classes($at + $table->u16($at + 8))->of($first->glyph);
                if (0 === $class2 || $class1 >= $table->u16($at + 12) || $class2 >= $table->u16($at + 14)) {
                    return false;
                }
                $values = $at + 16 + ($class1 * $table->u16($at + 14) + $class2) * ($size1 + $size2);
                break;
            default:
                return false;
        }
        if (null === $values) {
            return false;
        }
        $this->move($first, $values, $format1);
        $this->move($second, $values + $size1, $format2);
        // A pair that moves its second glyph too is done with it; otherwise that begins the next pair.
        $this->at = 0 === $format2 ? $next : $next + 1;

        return true;
    }

    /** Where the values of a pair are; null if the set does not have it. */
    private function pairSet(int $at, int $index, int $second, int $step): ?int
    {
        $table = $this->table;
        if ($index >= $table->u16($at + 8)) {
            return null;
        }
        $set = $at + $table->u16($at + 10 + 2 * $index);
        $low = 0;
        $high = $table->u16($set) - 1;
        while ($low <= $high) {
            $middle = ($low + $high) >> 1;
            $glyph = $table->u16($set + 2 + $middle * $step);
            if ($glyph === $second) {
                return $set + 4 + $middle * $step;
            }
            if ($glyph < $second) {
                $low = $middle + 1;
            } else {
                $high = $middle - 1;
            }
        }

        return null;
    }

    private function cursive(int $at): bool
    {
        $table = $this->table;
        $glyphs = $this->buffer->glyphs;
        $coverage = $this->layout->coverage($at + $table->u16($at + 2));
        $anchor = function (int $glyph, int $which) use ($at, $table, $coverage): ?array {
            $index = $coverage->index($glyph);
            if (null === $index || $index >= $table->u16($at + 4)) {
                return null;
            }
            $offset = $table->u16($at + 6 + 4 * $index + 2 * $which);

            return 0 === $offset ? null : $this->anchor($at + $offset);
        };
        $entry = $anchor($glyphs[$this->at]->glyph, 0);
        $before = null === $entry ? null : $this->next($this->at, -1, false);
        $exit = null === $before ? null : $anchor($glyphs[$before]->glyph, 1);
        if (null === $entry || null === $before || null === $exit) {
            return false;
        }
        [$i, $j] = [$before, $this->at];
        $glyphs[$i]->xAdvance = $exit[0] + $glyphs[$i]->xOffset;
        $d = $entry[0] + $glyphs[$j]->xOffset;
        $glyphs[$j]->xAdvance -= $d;
        $glyphs[$j]->xOffset -= $d;

        [$child, $parent, $y] = [$i, $j, $entry[1] - $exit[1]];
        if (0 === ($this->lookup->flag & Lookup::RIGHT_TO_LEFT)) {
            [$child, $parent, $y] = [$j, $i, -$y];
        }
        $this->turnChain($child, $parent);
        $glyphs[$child]->attached = Glyph::CURSIVELY;
        $glyphs[$child]->chain = $parent - $child;
        $glyphs[$child]->yOffset = $y;
        if ($glyphs[$parent]->chain === -$glyphs[$child]->chain) {
            $glyphs[$parent]->chain = 0;
            $glyphs[$parent]->yOffset = 0;
        }
        ++$this->at;

        return true;
    }

    /** What hung on the child's old parent hangs the other way round from now on. */
    private function turnChain(int $at, int $newParent): void
    {
        $glyphs = $this->buffer->glyphs;
        $chain = $glyphs[$at]->chain;
        if (0 === $chain || Glyph::CURSIVELY !== $glyphs[$at]->attached) {
            return;
        }
        $glyphs[$at]->chain = 0;
        $parent = $at + $chain;
        if ($parent === $newParent || !isset($glyphs[$parent])) {
            return;
        }
        $this->turnChain($parent, $newParent);
        $glyphs[$parent]->yOffset = -$glyphs[$at]->yOffset;
        $glyphs[$parent]->chain = -$chain;
        $glyphs[$parent]->attached = Glyph::CURSIVELY;
    }

    private function markToBase(int $at): bool
    {
        $mark = $this->layout->coverage($at + $this->table->u16($at + 2))->index($this->buffer->glyphs[$this->at]->glyph);
        $base = null === $mark ? null : $this->baseBefore();
        if (null === $mark || null === $base) {
            return false;
        }
        $row = $this->layout->coverage($at + $this->table->u16($at + 4))->index($this->buffer->glyphs[$base]->glyph);

        return null !== $row && $this->hang($at, $mark, $at + $this->table->u16($at + 10), $row, $base);
    }

    private function markToLigature(int $at): bool
    {
        $table = $this->table;
        $glyphs = $this->buffer->glyphs;
        $mark = $this->layout->coverage($at + $table->u16($at + 2))->index($glyphs[$this->at]->glyph);
        $base = null === $mark ? null : $this->next($this->at, -1, false, null, new Lookup(0, Lookup::IGNORE_MARKS, [], 0));
        if (null === $mark || null === $base) {
            return false;
        }
        $index = $this->layout->coverage($at + $table->u16($at + 4))->index($glyphs[$base]->glyph);
        $ligatures = $at + $table->u16($at + 10);
        if (null === $index || $index >= $table->u16($ligatures)) {
            return false;
        }
        $ligature = $ligatures + $table->u16($ligatures + 2 + 2 * $index);
        $count = $table->u16($ligature);
        if (0 === $count) {
            return false;
        }
        $own = $glyphs[$this->at];
        $isOnIt = $glyphs[$base]->ligature > 0 && $glyphs[$base]->ligature === $own->ligature && $own->componentOf() > 0;

        return $this->hang($at, $mark, $ligature, ($isOnIt ? \min($count, $own->componentOf()) : $count) - 1, $base);
    }

    private function markToMark(int $at): bool
    {
        $glyphs = $this->buffer->glyphs;
        $own = $glyphs[$this->at];
        $mark = $this->layout->coverage($at + $this->table->u16($at + 2))->index($own->glyph);
        if (null === $mark) {
            return false;
        }
        $lookup = $this->lookup;
        $other = $this->next($this->at, -1, false, null, new Lookup(0, $lookup->flag & ~Lookup::IGNORE_FLAGS, [], $lookup->markSet));
        if (null === $other || !$glyphs[$other]->isMark()) {
            return false;
        }
        [$id, $otherId] = [$own->ligature, $glyphs[$other]->ligature];
        [$component, $otherComponent] = [$own->componentOf(), $glyphs[$other]->componentOf()];
        $together = $id === $otherId
            ? 0 === $id || $component === $otherComponent
            : ($id > 0 && 0 === $component) || ($otherId > 0 && 0 === $otherComponent);
        if (!$together) {
            return false;
        }
        $row = $this->layout->coverage($at + $this->table->u16($at + 4))->index($glyphs[$other]->glyph);

        return null !== $row && $this->hang($at, $mark, $at + $this->table->u16($at + 10), $row, $other);
    }

    /** The glyph that a mark stands on: of pieces that one glyph was split into, the first. */
    private function baseBefore(): ?int
    {
        $glyphs = $this->buffer->glyphs;
        $at = $this->at;
        do {
            $at = $this->next($at, -1, false, null, new Lookup(0, Lookup::IGNORE_MARKS, [], 0));
            if (null === $at) {
                return null;
            }
            $base = $glyphs[$at];
            $before = $glyphs[$at - 1] ?? null;
            $isLaterPiece = $base->multiplied && 0 !== $base->componentOf() && null !== $before && !$before->isMark()
                && $before->ligature === $base->ligature && $before->componentOf() + 1 === $base->componentOf();
        } while ($isLaterPiece);

        return $at;
    }

    /**
     * Hangs the mark at the present place on a glyph, by the anchors of both.
     *
     * @param int $anchors the matrix of anchors: rows of one for each class of marks
     */
    private function hang(int $at, int $mark, int $anchors, int $row, int $on): bool
    {
        $table = $this->table;
        $classes = $table->u16($at + 6);
        $marks = $at + $table->u16($at + 8);
        if ($mark >= $table->u16($marks) || $row >= $table->u16($anchors)) {
            return false;
        }
        $class = $table->u16($marks + 2 + 4 * $mark);
        $offset = $class < $classes ? $table->u16($anchors + 2 + 2 * ($row * $classes + $class)) : 0;
        if (0 === $offset) {
            return false;
        }
        [$x, $y] = $this->anchor($marks + $table->u16($marks + 2 + 4 * $mark + 2));
        [$baseX, $baseY] = $this->anchor($anchors + $offset);
        $glyph = $this->buffer->glyphs[$this->at];
        $glyph->xOffset = $baseX - $x;
        $glyph->yOffset = $baseY - $y;
        $glyph->attached = Glyph::AS_MARK;
        $glyph->chain = $on - $this->at;
        ++$this->at;

        return true;
    }

    /** @return array{int, int} */
    private function anchor(int $at): array
    {
        return [$this->table->i16($at + 2), $this->table->i16($at + 4)];
    }

    private function move(Glyph $glyph, int $at, int $format): void
    {
        $table = $this->table;
        if (0 !== ($format & self::X_PLACEMENT)) {
            $glyph->xOffset += $table->i16($at);
            $at += 2;
        }
        if (0 !== ($format & self::Y_PLACEMENT)) {
            $glyph->yOffset += $table->i16($at);
            $at += 2;
        }
        if (0 !== ($format & self::X_ADVANCE)) {
            $glyph->xAdvance += $table->i16($at);
        }
    }

    private static function size(int $format): int
    {
        $size = 0;
        for ($bit = 1; $bit <= 0x80; $bit <<= 1) {
            $size += 0 === ($format & $bit) ? 0 : 2;
        }

        return $size;
    }
}
