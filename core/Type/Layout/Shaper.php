<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

use Uvret\Type\OpenType\CharacterMap;
use Uvret\Type\OpenType\GlyphDefinitions;
use Uvret\Type\OpenType\HorizontalMetrics;
use Uvret\Type\OpenType\LayoutTable;
use Uvret\Type\OpenType\LegacyKerning;

/**
 * The ladder of shaping: characters → glyphs → substituted → positioned. For left-to-right scripts that need no
 * shaper of their own; the same results as HarfBuzz's.
 */
final readonly class Shaper
{
    public function __construct(
        private CharacterMap $map,
        private HorizontalMetrics $metrics,
        private GlyphDefinitions $definitions,
        private LayoutTable $gsub,
        private LayoutTable $gpos,
        private ?LegacyKerning $kerning,
        private int $unitsPerEm,
        private GlyphBoxes $boxes,
    ) {
    }

    public function advance(int $glyph): int
    {
        return $this->metrics->advance($glyph);
    }

    /** @return list<string> the tags of the features that substitute glyphs */
    public function features(): array
    {
        return $this->gsub->tags();
    }

    /** @param list<Feature> $features */
    public function shape(string $text, array $features = [], string $language = ''): GlyphRun
    {
        if ('' === $text) {
            return new GlyphRun([], 0);
        }
        $buffer = (new Characters($this->map))->glyphs($text);
        $script = ScriptTag::of($text);
        $tag = LanguageTag::of($language);
        $plan = FeaturePlan::of($this->gsub, $this->gpos, $script, $tag, $features);
        $plan->mark($buffer);
        $this->classify($buffer);
        if ($this->gsub->isThere()) {
            (new Substitution($buffer, $this->gsub, $this->definitions))->applyAll($plan->lookups($this->gsub, $script, $tag));
        }
        foreach ($buffer->glyphs as $glyph) {
            $glyph->xAdvance = $this->metrics->advance($glyph->glyph);
            if (null !== $glyph->space) {
                $glyph->xAdvance = $this->widthOfSpace($glyph);
            }
        }
        $this->position($buffer, $plan, $script, $tag);
        $this->finish($buffer);

        return $this->run($buffer);
    }

    /** What each glyph is: as the font says, or by its character where the font does not. */
    private function classify(GlyphBuffer $buffer): void
    {
        foreach ($buffer->glyphs as $glyph) {
            $glyph->kind = match (true) {
                $this->definitions->hasClasses() => Substitution::kindOf($this->definitions, $glyph->glyph),
                \IntlChar::CHAR_CATEGORY_NON_SPACING_MARK === \IntlChar::charType($glyph->codePoint) && !$glyph->ignorable => Glyph::MARK,
                default => Glyph::BASE,
            };
        }
    }

    private function position(GlyphBuffer $buffer, FeaturePlan $plan, string $script, string $language): void
    {
        $kernsByLookup = false;
        if ($this->gpos->isThere()) {
            (new Positioning($buffer, $this->gpos, $this->definitions))->applyAll($plan->lookups($this->gpos, $script, $language));
            $kernsByLookup = isset($this->gpos->features($script, $language)['features']['kern']);
        }
        if (!$kernsByLookup && null !== $this->kerning && 0 !== $plan->mask('kern')) {
            $this->kern($buffer, $this->kerning, $plan->mask('kern'));
        }
        // Marks take no room; without GPOS they move back by the room that they lose.
        foreach ($buffer->glyphs as $glyph) {
            if ($glyph->isMark()) {
                if (!$this->gpos->isThere()) {
                    $glyph->xOffset -= $glyph->xAdvance;
                }
                $glyph->xAdvance = 0;
                $glyph->yAdvance = 0;
            }
            if ($glyph->ignorable && !$glyph->substituted) {
                $glyph->xAdvance = $glyph->yAdvance = $glyph->xOffset = $glyph->yOffset = 0;
            }
        }
    }

    /** The kern table: half of a pair's kerning goes before the second glyph, half after the first. */
    private function kern(GlyphBuffer $buffer, LegacyKerning $kerning, int $mask): void
    {
        $glyphs = $buffer->glyphs;
        $count = \count($glyphs);
        for ($i = 0; $i < $count; $i = $j) {
            for ($j = $i + 1; $j < $count && ($glyphs[$j]->isMark() || ($glyphs[$j]->ignorable && !$glyphs[$j]->hidden && !$glyphs[$j]->substituted)); ++$j) {
            }
            if ($j >= $count || 0 === ($glyphs[$i]->mask & $mask) || 0 === ($glyphs[$j]->mask & $mask)) {
                $j = $i + 1;
                continue;
            }
            $value = $kerning->between($glyphs[$i]->glyph, $glyphs[$j]->glyph);
            $before = $value >> 1;
            $glyphs[$i]->xAdvance += $before;
            $glyphs[$j]->xAdvance += $value - $before;
            $glyphs[$j]->xOffset += $value - $before;
        }
    }

    /** Puts what hangs on other glyphs where they are, gives spaces their width, and hides what is not seen. */
    private function finish(GlyphBuffer $buffer): void
    {
        foreach (\array_keys($buffer->glyphs) as $at) {
            $this->follow($buffer->glyphs, $at, 64);
        }
        if (!$this->gpos->isThere()) {
            (new FallbackMarks($this->boxes, $this->metrics, \intdiv($this->unitsPerEm, 16)))->place($buffer);
        }
        $space = $this->map->glyph(0x20);
        $seen = [];
        foreach ($buffer->glyphs as $glyph) {
            if ($glyph->ignorable && !$glyph->substituted) {
                if (0 === $space) {
                    continue;
                }
                $glyph->glyph = $space;
            }
            $seen[] = $glyph;
        }
        $buffer->glyphs = $seen;
    }

    /** @param list<Glyph> $glyphs */
    private function follow(array $glyphs, int $at, int $depth): void
    {
        $glyph = $glyphs[$at];
        $chain = $glyph->chain;
        $glyph->chain = 0;
        $parent = $glyphs[$at + $chain] ?? null;
        if (0 === $chain || null === $parent || 0 === $depth) {
            return;
        }
        $this->follow($glyphs, $at + $chain, $depth - 1);
        $glyph->yOffset += $parent->yOffset;
        if (Glyph::CURSIVELY === $glyph->attached) {
            return;
        }
        $glyph->xOffset += $parent->xOffset;
        if ($chain < 0) {
            for ($k = $at + $chain; $k < $at; ++$k) {
                $glyph->xOffset -= $glyphs[$k]->xAdvance;
            }
        }
    }

    private function widthOfSpace(Glyph $glyph): int
    {
        $share = Characters::SPACES[$glyph->space ?? 0] ?? 0;
        if (\is_string($share)) {
            foreach (['figure' => \range(0x30, 0x39), 'point' => [0x2E, 0x2C], 'narrow' => []][$share] as $like) {
                if (0 !== $number = $this->map->glyph($like)) {
                    return $this->metrics->advance($number);
                }
            }

            return 'narrow' === $share ? \intdiv($glyph->xAdvance, 2) : $glyph->xAdvance;
        }

        return 0 === $share
            ? $glyph->xAdvance
            : (4.5 === $share ? \intdiv($this->unitsPerEm * 4, 18) : (int) \floor(($this->unitsPerEm + (int) ($share / 2)) / $share));
    }

    private function run(GlyphBuffer $buffer): GlyphRun
    {
        $placed = [];
        $x = 0;
        foreach ($buffer->glyphs as $glyph) {
            $placed[] = new PlacedGlyph($glyph->glyph, $glyph->cluster, $x + $glyph->xOffset, $glyph->yOffset, $glyph->xAdvance, $glyph->xOffset);
            $x += $glyph->xAdvance;
        }

        return new GlyphRun($placed, $x);
    }
}
