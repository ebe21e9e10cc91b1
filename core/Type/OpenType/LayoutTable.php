<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Type\FontException;

/** GSUB or GPOS: scripts → languages → features → lookups. Coverages and classes are read when they are asked for, once. */
final class LayoutTable
{
    private const MOST = 65535;

    /** @var array<int, Lookup> */
    private array $lookups = [];

    /** @var array<int, Coverage> */
    private array $coverages = [];

    /** @var array<int, array<int, true>> */
    private array $starts = [];

    /** @var array<int, ClassDefinition> */
    private array $classes = [];

    private function __construct(
        public readonly ?Table $table,
        private readonly int $scriptsAt,
        private readonly int $featuresAt,
        private readonly int $lookupsAt,
        /** The type of the lookups that only point to others. */
        private readonly int $extension,
    ) {
    }

    public static function none(): self
    {
        return new self(null, 0, 0, 0, 0);
    }

    /** @param int $extension 7 for GSUB, 9 for GPOS */
    public static function read(Table $table, int $extension): self
    {
        if (1 !== $table->u16(0)) {
            return self::none();
        }

        return new self($table, $table->u16(4), $table->u16(6), $table->u16(8), $extension);
    }

    public function isThere(): bool
    {
        return null !== $this->table;
    }

    /**
     * The features that a script and language use, and the one that they can't do without.
     *
     * @return array{required: int|null, features: array<string, int>} numbers by tag
     */
    public function features(string $script, string $language): array
    {
        $none = ['required' => null, 'features' => []];
        $table = $this->table;
        if (null === $table || 0 === $this->scriptsAt || 0 === $this->featuresAt) {
            return $none;
        }
        $scriptAt = $this->script($script);
        if (null === $scriptAt) {
            return $none;
        }
        $languageAt = $this->language($scriptAt, $language);
        if (null === $languageAt) {
            return $none;
        }
        $required = $table->u16($languageAt + 2);
        $features = [];
        foreach ($table->u16s($languageAt + 6, $table->u16($languageAt + 4)) as $number) {
            if (null !== $tag = $this->featureTag($number)) {
                $features[$tag] ??= $number;
            }
        }

        return ['required' => 0xFFFF === $required ? null : $required, 'features' => $features];
    }

    public function featureTag(int $number): ?string
    {
        $table = $this->table;

        return null !== $table && $number < $table->u16($this->featuresAt) ? $table->text($this->featuresAt + 2 + 6 * $number, 4) : null;
    }

    /** @return list<string> the tags of all features of the font, each once */
    public function tags(): array
    {
        $table = $this->table;
        if (null === $table || 0 === $this->featuresAt) {
            return [];
        }
        $tags = [];
        for ($number = 0; $number < $table->u16($this->featuresAt); ++$number) {
            $tags[$table->text($this->featuresAt + 2 + 6 * $number, 4)] = true;
        }

        return \array_map(\strval(...), \array_keys($tags));
    }

    /** @return list<int> the numbers of a feature's lookups */
    public function lookupsOf(int $feature): array
    {
        $table = $this->table;
        if (null === $table || null === $this->featureTag($feature)) {
            return [];
        }
        $at = $this->featuresAt + $table->u16($this->featuresAt + 2 + 6 * $feature + 4);

        return $table->u16s($at + 4, $table->u16($at + 2));
    }

    /** Null where there is no lookup of that number. */
    public function lookup(int $number): ?Lookup
    {
        $table = $this->table;
        if (null === $table || $number >= $table->u16($this->lookupsAt)) {
            return null;
        }

        return $this->lookups[$number] ??= $this->readLookup($table, $this->lookupsAt + $table->u16($this->lookupsAt + 2 + 2 * $number));
    }

    /**
     * The glyphs that a lookup can begin at: for the others nothing of it has to be looked at.
     *
     * @return array<int, true>
     */
    public function startsOf(int $number): array
    {
        if (!isset($this->starts[$number])) {
            $starts = [];
            $lookup = $this->lookup($number);
            foreach ($lookup->subtables ?? [] as $at) {
                $starts += \array_fill_keys($this->coverage($this->firstCoverage($lookup->type ?? 0, $at))->glyphs(), true);
            }
            $this->starts[$number] = $starts;
        }

        return $this->starts[$number];
    }

    /** Where a subtable's coverage is: contexts of format 3 have one for each glyph of the input. */
    private function firstCoverage(int $type, int $at): int
    {
        $table = $this->table ?? throw FontException::missingTable('GSUB');
        $isContext = $type === $this->extension - 2;
        $isChained = $type === $this->extension - 1;
        if (3 !== $table->u16($at) || !($isContext || $isChained)) {
            return $at + $table->u16($at + 2);
        }
        if ($isContext) {
            return $at + ($table->u16($at + 2) > 0 ? $table->u16($at + 6) : 0);
        }
        $input = $at + 4 + 2 * $table->u16($at + 2);

        return $at + ($table->u16($input) > 0 ? $table->u16($input + 2) : 0);
    }

    public function coverage(int $at): Coverage
    {
        return $this->coverages[$at] ??= Coverage::read($this->table ?? throw FontException::missingTable('GSUB'), $at);
    }

    public function classes(int $at): ClassDefinition
    {
        return $this->classes[$at] ??= ClassDefinition::read($this->table ?? throw FontException::missingTable('GSUB'), $at);
    }

    private function readLookup(Table $table, int $at): Lookup
    {
        $type = $table->u16($at);
        $flag = $table->u16($at + 2);
        $count = $table->u16($at + 4);
        $subtables = [];
        foreach ($table->u16s($at + 6, $count) as $offset) {
            $subtable = $at + $offset;
            if ($this->extension === $type) {
                // Of an extension's kind are all of its subtables, and none points to a further one.
                $of = $table->u16($subtable + 2);
                $subtable += $table->u32($subtable + 4);
                if ($of === $this->extension) {
                    throw FontException::badTable($table->tag, 'an extension points to an extension');
                }
                $extended = $of;
            }
            if ($subtable < $table->length) {
                $subtables[] = $subtable;
            }
        }
        $markSet = 0 === ($flag & Lookup::USE_MARK_SET) ? 0 : $table->u16($at + 6 + 2 * $count);

        return new Lookup($extended ?? $type, $flag & 0xFFFF, $subtables, \min($markSet, self::MOST));
    }

    private function script(string $tag): ?int
    {
        foreach ([$tag, 'DFLT', 'dflt', 'latn'] as $candidate) {
            $offset = $this->record($this->scriptsAt, $this->scriptsAt, $candidate);
            if (null !== $offset) {
                return $offset;
            }
        }

        return null;
    }

    private function language(int $scriptAt, string $tag): ?int
    {
        $table = $this->table;
        $found = '' === $tag ? null : $this->record($scriptAt + 2, $scriptAt, $tag);
        $default = $table?->u16($scriptAt) ?? 0;

        return $found ?? (0 === $default ? null : $scriptAt + $default);
    }

    /** Where a list of tags with offsets has one; offsets count from the given base. */
    private function record(int $listAt, int $base, string $tag): ?int
    {
        $table = $this->table;
        if (null === $table) {
            return null;
        }
        $count = $table->u16($listAt);
        for ($i = 0; $i < $count; ++$i) {
            if ($table->text($listAt + 2 + 6 * $i, 4) === $tag) {
                return $base + $table->u16($listAt + 2 + 6 * $i + 4);
            }
        }

        return null;
    }
}
