<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

/** What GSUB and GPOS have in common: lookups that are applied where a sequence of glyphs stands in a context. */
abstract class SequenceContexts extends LookupContext
{
    /** Sequence contexts, formats 1 to 3. */
    protected function context(int $at): bool
    {
        $table = $this->table;
        $glyph = $this->buffer->glyphs[$this->at]->glyph;
        switch ($table->u16($at)) {
            case 1:
                $index = $this->layout->coverage($at + $table->u16($at + 2))->index($glyph);

                return null !== $index && $index < $table->u16($at + 4)
                    && $this->rules($at, $table->u16($at + 6 + 2 * $index), self::isGlyph(...));
            case 2:
                if (null === $this->layout->coverage($at + $table->u16($at + 2))->index($glyph)) {
                    return false;
                }
                $classes = $this->layout->classes($at + $table->u16($at + 4));
                $class = $classes->of($glyph);

                return $class < $table->u16($at + 6)
                    && $this->rules(
                        $at,
                        $table->u16($at + 8 + 2 * $class),
                        static fn (int $class): callable => static fn (int $glyph): bool => $classes->of($glyph) === $class,
                    );
            case 3:
                $count = $table->u16($at + 2);
                $coverages = $table->u16s($at + 6, $count);
                if (0 === $count || !$this->covers($at, $coverages[0])($glyph)) {
                    return false;
                }

                $input = \array_map(fn (int $offset): callable => $this->covers($at, $offset), \array_slice($coverages, 1));

                return $this->act($input, $at + 6 + 2 * $count, $table->u16($at + 4), [], []);
            default:
                return false;
        }
    }

    /** Chained sequence contexts, formats 1 to 3. */
    protected function chainedContext(int $at): bool
    {
        $table = $this->table;
        $glyph = $this->buffer->glyphs[$this->at]->glyph;
        switch ($table->u16($at)) {
            case 1:
                $index = $this->layout->coverage($at + $table->u16($at + 2))->index($glyph);

                return null !== $index && $index < $table->u16($at + 4)
                    && $this->chainedRules($at, $table->u16($at + 6 + 2 * $index), self::isGlyph(...), self::isGlyph(...), self::isGlyph(...));
            case 2:
                if (null === $this->layout->coverage($at + $table->u16($at + 2))->index($glyph)) {
                    return false;
                }
                $of = function (int $offset) use ($at): callable {
                    $classes = 0 === $offset ? null : $this->layout->classes($at + $offset);

                    return static fn (int $class): callable => static fn (int $glyph): bool => ($classes?->of($glyph) ?? 0) === $class;
                };
                $input = $table->u16($at + 6);
                $class = 0 === $input ? 0 : $this->layout->classes($at + $input)->of($glyph);

                return $class < $table->u16($at + 10)
                    && $this->chainedRules($at, $table->u16($at + 12 + 2 * $class), $of($table->u16($at + 4)), $of($input), $of($table->u16($at + 8)));
            case 3:
                $covers = fn (int $offset): callable => $this->covers($at, $offset);
                $backtrack = $table->u16s($at + 4, $table->u16($at + 2));
                $p = $at + 4 + 2 * \count($backtrack);
                $input = $table->u16s($p + 2, $table->u16($p));
                $p += 2 + 2 * \count($input);
                $lookahead = $table->u16s($p + 2, $table->u16($p));
                $p += 2 + 2 * \count($lookahead);
                if ([] === $input || !$covers($input[0])($glyph)) {
                    return false;
                }

                return $this->act(
                    \array_map($covers, \array_slice($input, 1)),
                    $p + 2,
                    $table->u16($p),
                    \array_map($covers, $backtrack),
                    \array_map($covers, $lookahead),
                );
            default:
                return false;
        }
    }

    /** @param callable(int): (callable(int): bool) $wants */
    private function rules(int $at, int $offset, callable $wants): bool
    {
        if (0 === $offset) {
            return false;
        }
        $table = $this->table;
        foreach ($table->u16s($at + $offset + 2, $table->u16($at + $offset)) as $rule) {
            $p = $at + $offset + $rule;
            $count = $table->u16($p);
            if ($count > 0) {
                $input = \array_map($wants, $table->u16s($p + 4, $count - 1));
                if ($this->act($input, $p + 4 + 2 * ($count - 1), $table->u16($p + 2), [], [])) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param callable(int): (callable(int): bool) $backtrack
     * @param callable(int): (callable(int): bool) $input
     * @param callable(int): (callable(int): bool) $lookahead
     */
    private function chainedRules(int $at, int $offset, callable $backtrack, callable $input, callable $lookahead): bool
    {
        if (0 === $offset) {
            return false;
        }
        $table = $this->table;
        foreach ($table->u16s($at + $offset + 2, $table->u16($at + $offset)) as $rule) {
            $p = $at + $offset + $rule;
            $before = $table->u16s($p + 2, $table->u16($p));
            $p += 2 + 2 * \count($before);
            $count = $table->u16($p);
            $within = $table->u16s($p + 2, \max(0, $count - 1));
            $p += 2 + 2 * \count($within);
            $after = $table->u16s($p + 2, $table->u16($p));
            $p += 2 + 2 * \count($after);
            if ($count > 0 && $this->act(
                \array_map($input, $within),
                $p + 2,
                $table->u16($p),
                \array_map($backtrack, $before),
                \array_map($lookahead, $after),
            )) {
                return true;
            }
        }

        return false;
    }

    /** @return callable(int): bool */
    private static function isGlyph(int $wanted): callable
    {
        return static fn (int $glyph): bool => $glyph === $wanted;
    }

    /** @return callable(int): bool */
    protected function covers(int $at, int $offset): callable
    {
        $coverage = $this->layout->coverage($at + $offset);

        return static fn (int $glyph): bool => null !== $coverage->index($glyph);
    }
}
