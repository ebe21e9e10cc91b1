<?php

declare(strict_types=1);

namespace Uvret\Type;

use Uvret\Geometry\Curve\Path;
use Uvret\Type\Layout\Feature;
use Uvret\Type\Layout\GlyphRun;
use Uvret\Type\Layout\Shaper;
use Uvret\Type\OpenType\CharacterMap;
use Uvret\Type\OpenType\CompactOutlines;
use Uvret\Type\OpenType\GlyphDefinitions;
use Uvret\Type\OpenType\GlyphNames;
use Uvret\Type\OpenType\GlyphOutlines;
use Uvret\Type\OpenType\HorizontalMetrics;
use Uvret\Type\OpenType\LayoutTable;
use Uvret\Type\OpenType\LegacyKerning;
use Uvret\Type\OpenType\Naming;
use Uvret\Type\OpenType\Outlines;
use Uvret\Type\OpenType\Table;
use Uvret\Type\OpenType\TableDirectory;

/** A font: text in, placed glyphs and their outlines out. All measures are in font units. */
final class Font
{
    private const GLYPHS = 65535;

    /** @var array<int, Path> */
    private array $outlines = [];

    private ?float $letterHeight = null;

    private function __construct(
        /** Hash of the file. */
        public readonly string $id,
        public readonly string $family,
        public readonly string $style,
        public readonly int $unitsPerEm,
        public readonly int $glyphCount,
        /** Whether it is a variable font; its default instance is used. */
        public readonly bool $isVariable,
        /** Its licence as stated in the font; empty if there is none. */
        public readonly string $licence,
        /** Whether it may be embedded in files (OS/2 fsType). */
        public readonly bool $mayBeEmbedded,
        private readonly CharacterMap $characters,
        private readonly Outlines $glyphs,
        private readonly Shaper $shaper,
        private readonly GlyphNames $names,
    ) {
    }

    /** @throws FontException when the file cannot be read or is not a usable font */
    public static function fromFile(string $file): self
    {
        $bytes = \is_file($file) ? \file_get_contents($file) : false;

        return self::fromBytes(false === $bytes ? throw FontException::unreadable($file) : $bytes);
    }

    /** @throws FontException when the bytes are not a usable font */
    public static function fromBytes(string $bytes): self
    {
        $tables = TableDirectory::of($bytes);
        $head = $tables->table('head');
        $unitsPerEm = $head->u16(18);
        if ($unitsPerEm < 16 || $unitsPerEm > 16384) {
            throw FontException::badTable('head', 'the units per em are out of range');
        }
        $glyphCount = $tables->table('maxp')->u16(4);
        if ($glyphCount < 1) {
            throw FontException::badTable('maxp', 'there are no glyphs');
        }
        $metrics = HorizontalMetrics::read($tables->table('hhea'), $tables->table('hmtx'), $glyphCount);
        $outlines = match (true) {
            $tables->has('CFF ') => CompactOutlines::read($tables->table('CFF ')),
            $tables->has('CFF2') => CompactOutlines::readVariable($tables->table('CFF2')),
            default => GlyphOutlines::read($tables->table('glyf'), $tables->table('loca'), 1 === $head->i16(50), $glyphCount, $metrics),
        };
        $characters = CharacterMap::read($tables->table('cmap'), $glyphCount);
        $shaper = new Shaper(
            $characters,
            $metrics,
            $tables->has('GDEF') ? GlyphDefinitions::read($tables->table('GDEF')) : GlyphDefinitions::none(),
            $tables->has('GSUB') ? LayoutTable::read($tables->table('GSUB'), 7) : LayoutTable::none(),
            $tables->has('GPOS') ? LayoutTable::read($tables->table('GPOS'), 9) : LayoutTable::none(),
            $tables->has('kern') ? LegacyKerning::read($tables->table('kern')) : null,
            $unitsPerEm,
            $outlines,
        );
        $naming = Naming::read($tables->has('name') ? $tables->table('name') : new Table('name', "\0\0\0\0\0\6"));

        return new self(
            \hash('xxh128', $bytes),
            $naming->family() ?? 'Unnamed',
            $naming->style() ?? 'Regular',
            $unitsPerEm,
            \min($glyphCount, self::GLYPHS),
            $tables->has('fvar'),
            $naming->licence(),
            !$tables->has('OS/2') || 0x0002 !== ($tables->table('OS/2')->u16(8) & 0x000F),
            $characters,
            $outlines,
            $shaper,
            $tables->has('post') ? GlyphNames::read($tables->table('post')) : GlyphNames::none(),
        );
    }

    /**
     * Lays text out on one line, left to right.
     *
     * @param list<Feature> $features changes to the default features
     * @param string        $language like nl, for language-specific forms
     *
     * @throws FontException if the font's tables are inconsistent
     */
    public function shape(string $text, array $features = [], string $language = ''): GlyphRun
    {
        return $this->shaper->shape($text, $features, $language);
    }

    /** Advance width of a glyph. */
    public function advance(int $glyph): int
    {
        return $this->shaper->advance($glyph);
    }

    /** Advance of a space in font units; a quarter of the em if the font has none. */
    public function spaceWidth(): int
    {
        $glyph = $this->characters->glyph(0x20);

        return 0 === $glyph ? \intdiv($this->unitsPerEm, 4) : $this->shaper->advance($glyph);
    }

    /** @throws FontException when the glyph is missing or damaged */
    public function outline(int $glyph): Path
    {
        return $this->outlines[$glyph] ??= $this->read($glyph);
    }

    /**
     * Cap height as drawn by the letter H, because fonts state it wrongly or not at all. Without an H,
     * the highest digit or lower-case letter is used.
     */
    public function letterHeight(): float
    {
        if (null === $this->letterHeight) {
            $height = 0.0;
            foreach (['H', '0', 'h', 'x'] as $character) {
                $glyph = $this->characters->glyph(\mb_ord($character));
                $bounds = 0 === $glyph ? null : $this->outline($glyph)->bounds();
                if (null !== $bounds && $bounds[3] > $bounds[1]) {
                    $height = $bounds[3] - $bounds[1];
                    break;
                }
            }
            $this->letterHeight = $height > 0 ? $height : 0.7 * $this->unitsPerEm;
        }

        return $this->letterHeight;
    }

    /**
     * Characters of a text without a glyph, each once; invisible ones need none.
     *
     * @return list<string>
     */
    public function missing(string $text): array
    {
        $missing = \array_filter(
            \mb_str_split($text),
            fn (string $character): bool => 0 === $this->characters->glyph(\mb_ord($character))
                && 1 !== \preg_match('/\s/u', $character)
                && true !== \IntlChar::hasBinaryProperty(\mb_ord($character), \IntlChar::PROPERTY_DEFAULT_IGNORABLE_CODE_POINT),
        );

        return \array_values(\array_unique($missing));
    }

    /**
     * Every glyph with its names: the font's own and its character's.
     *
     * @return array<int, array{name: string, character: string, called: string}>
     */
    public function glyphs(): array
    {
        $characters = $this->characters->byGlyph();
        $glyphs = [];
        for ($glyph = 1; $glyph < $this->glyphCount; ++$glyph) {
            $code = $characters[$glyph] ?? null;
            $glyphs[$glyph] = [
                'name' => $this->names->of($glyph),
                'character' => null === $code ? '' : (string) \mb_chr($code),
                'called' => null === $code ? '' : \strtolower((string) \IntlChar::charName($code)),
            ];
        }

        return $glyphs;
    }

    /** @return list<string> tags of the features that substitute glyphs */
    public function features(): array
    {
        return $this->shaper->features();
    }

    /** @return list<int> the Unicode code points that have a glyph */
    public function codePoints(): array
    {
        return $this->characters->codePoints();
    }

    private function read(int $glyph): Path
    {
        return $this->glyphs->path($glyph);
    }
}
