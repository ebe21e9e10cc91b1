<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

use Uvret\Type\OpenType\LayoutTable;

/**
 * Which lookups are applied to a line, in which order, and under which bits of its glyphs: the features that
 * are on for Latin text, changed by those that were asked for. Follows HarfBuzz's hb-ot-map.
 */
final class FeaturePlan
{
    /** The bit that every glyph has. */
    public const EVERY = 1 << 30;

    /** Always on. */
    private const COMMON = ['ccmp', 'locl', 'mark', 'mkmk', 'rlig', 'abvm', 'blwm', 'calt', 'clig', 'curs', 'dist', 'kern', 'liga', 'rclt', 'ltra', 'ltrm'];

    /** On around a fraction slash. */
    private const FRACTIONS = ['frac', 'numr', 'dnom'];

    /** Chooses among alternates at random. */
    private const RANDOM = 'rand';

    /** Works without a lookup too, by the kern table. */
    private const WITH_FALLBACK = 'kern';

    /** Take zero-width joiners for what they are instead of stepping over them. */
    private const SEE_JOINERS = ['mark', 'mkmk'];

    private const MOST_ALTERNATES = 255;

    /** @var array<string, array{shift: int, mask: int, value: int}> by tag; those that the font has and that are not off */
    private array $features = [];

    /** @var list<Feature> those for some characters only */
    private array $local = [];

    private function __construct()
    {
    }

    /** @param list<Feature> $asked */
    public static function of(LayoutTable $gsub, LayoutTable $gpos, string $script, string $language, array $asked): self
    {
        $plan = new self();
        /** @var array<string, array{global: bool, most: int, value: int}> $settings */
        $settings = [
            'rvrn' => ['global' => true, 'most' => 1, 'value' => 1],
            self::RANDOM => ['global' => true, 'most' => self::MOST_ALTERNATES, 'value' => self::MOST_ALTERNATES],
        ];
        foreach (self::COMMON as $tag) {
            $settings[$tag] = ['global' => true, 'most' => 1, 'value' => 1];
        }
        foreach (self::FRACTIONS as $tag) {
            $settings[$tag] = ['global' => false, 'most' => 1, 'value' => 0];
        }
        foreach ($asked as $feature) {
            $value = \min($feature->value, self::MOST_ALTERNATES);
            $before = $settings[$feature->tag] ?? null;
            if ($feature->isGlobal()) {
                $settings[$feature->tag] = ['global' => true, 'most' => $value, 'value' => $value];
            } else {
                $settings[$feature->tag] = ['global' => false, 'most' => \max($before['most'] ?? 0, $value), 'value' => $before['value'] ?? 0];
                $plan->local[] = $feature;
            }
        }
        $plan->allot($settings, [$gsub->features($script, $language), $gpos->features($script, $language)]);

        return $plan;
    }

    /**
     * @param array<string, array{global: bool, most: int, value: int}>     $settings
     * @param list<array{required: int|null, features: array<string, int>}> $has      what each table has
     */
    private function allot(array $settings, array $has): void
    {
        \ksort($settings);
        $next = 0;
        foreach ($settings as $tag => ['global' => $global, 'most' => $most, 'value' => $value]) {
            $tag = (string) $tag;
            $isThere = isset($has[0]['features'][$tag]) || isset($has[1]['features'][$tag]);
            if (0 === $most || (!$isThere && self::WITH_FALLBACK !== $tag)) {
                continue;
            }
            if ($global && 1 === $most) {
                $this->features[$tag] = ['shift' => 30, 'mask' => self::EVERY, 'value' => 1];
                continue;
            }
            $bits = (int) \ceil(\log($most + 1, 2));
            if ($next + $bits > 30) {
                continue;
            }
            $this->features[$tag] = ['shift' => $next, 'mask' => ((1 << $bits) - 1) << $next, 'value' => $value];
            $next += $bits;
        }
    }

    /** The bits of a feature; 0 if it is off or not there. */
    public function mask(string $tag): int
    {
        return $this->features[$tag]['mask'] ?? 0;
    }

    /** Gives each glyph the bits of the features that are on for it. */
    public function mark(GlyphBuffer $buffer): void
    {
        $everywhere = self::EVERY;
        foreach ($this->features as ['shift' => $shift, 'mask' => $mask, 'value' => $value]) {
            $everywhere |= ($value << $shift) & $mask;
        }
        foreach ($buffer->glyphs as $glyph) {
            $glyph->mask = $everywhere;
            foreach ($this->local as $feature) {
                $bits = $this->features[$feature->tag] ?? null;
                if (null !== $bits && $glyph->cluster >= $feature->start && $glyph->cluster < ($feature->end ?? \PHP_INT_MAX)) {
                    $glyph->mask = $glyph->mask & ~$bits['mask'] | ($feature->value << $bits['shift'] & $bits['mask']);
                }
            }
        }
        $this->markFractions($buffer);
    }

    /**
     * The lookups of a table in the order they are applied: rvrn first, then all others by number.
     *
     * @return list<array{lookup: int, mask: int, shift: int, random: bool, joiners: bool}>
     */
    public function lookups(LayoutTable $table, string $script, string $language): array
    {
        ['required' => $required, 'features' => $numbers] = $table->features($script, $language);
        $requiredTag = null === $required ? null : $table->featureTag($required);
        $stages = [[], []];
        if (null !== $required) {
            $this->add($stages['rvrn' === $requiredTag ? 0 : 1], $table->lookupsOf($required), self::EVERY, 30, false, false);
        }
        foreach ($this->features as $tag => ['shift' => $shift, 'mask' => $mask]) {
            if (isset($numbers[$tag])) {
                $this->add(
                    $stages['rvrn' === $tag ? 0 : 1],
                    $table->lookupsOf($numbers[$tag]),
                    $mask,
                    $shift,
                    self::RANDOM === $tag,
                    \in_array($tag, self::SEE_JOINERS, true),
                );
            }
        }
        \ksort($stages[0]);
        \ksort($stages[1]);

        return [...\array_values($stages[0]), ...\array_values($stages[1])];
    }

    /**
     * @param array<int, array{lookup: int, mask: int, shift: int, random: bool, joiners: bool}> $stage
     * @param list<int>                                                                          $lookups
     */
    private function add(array &$stage, array $lookups, int $mask, int $shift, bool $random, bool $joiners): void
    {
        foreach ($lookups as $lookup) {
            $known = $stage[$lookup] ?? null;
            $all = ($known['mask'] ?? 0) | $mask;
            $stage[$lookup] = [
                'lookup' => $lookup,
                'mask' => $all,
                'shift' => \min($known['shift'] ?? 30, $shift),
                'random' => ($known['random'] ?? false) || $random,
                'joiners' => ($known['joiners'] ?? false) || $joiners,
            ];
        }
    }

    /** Digits before a fraction slash are numerators, those after it denominators. */
    private function markFractions(GlyphBuffer $buffer): void
    {
        [$fraction, $numerator, $denominator] = \array_map($this->mask(...), self::FRACTIONS);
        if (0 === $fraction && (0 === $numerator || 0 === $denominator)) {
            return;
        }
        $glyphs = $buffer->glyphs;
        $isDigit = static fn (int $at): bool => isset($glyphs[$at])
            && \IntlChar::CHAR_CATEGORY_DECIMAL_DIGIT_NUMBER === \IntlChar::charType($glyphs[$at]->codePoint);
        foreach ($glyphs as $at => $slash) {
            if (0x2044 !== $slash->codePoint) {
                continue;
            }
            for ($start = $at; $isDigit($start - 1); --$start) {
                $glyphs[$start - 1]->mask |= $numerator | $fraction;
            }
            $slash->mask |= $fraction;
            for ($end = $at + 1; $isDigit($end); ++$end) {
                $glyphs[$end]->mask |= $fraction | $denominator;
            }
        }
    }
}
