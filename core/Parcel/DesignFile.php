<?php

declare(strict_types=1);

namespace Uvret\Parcel;

use Uvret\Type\FontEntry;
use Uvret\Type\TypeCase;

/**
 * A design with all that it needs, as one ZIP file:
 *
 *     design.json         the design document
 *     fonts/fonts.json    the fonts it uses: id, name, use, licence
 *     fonts/ID.ttf        their files, unchanged
 *     README.txt          what this is
 *
 * The layout is described in docs/design-document.md.
 */
final readonly class DesignFile
{
    private const LARGEST = 30_000_000;
    private const README = "A design made with Uvret. Open it there with “Open a design file” on a job's sheet.\n"
        ."design.json is the design document; fonts/ has the fonts that it needs, each under its own licence.\n";

    /** @param list<PackedFont> $fonts */
    public function __construct(
        public string $document,
        public array $fonts,
    ) {
    }

    /**
     * @param string       $document the design document as JSON
     * @param list<string> $fonts    ids of the fonts that it uses; those that the type case lacks are left out
     */
    public static function pack(string $document, array $fonts, TypeCase $typeCase): self
    {
        $packed = [];
        foreach ($typeCase->entries() as $entry) {
            $file = \in_array($entry->id, $fonts, true) ? $typeCase->file($entry->id) : null;
            if (null !== $file) {
                $packed[] = new PackedFont($entry, (string) \file_get_contents($file));
            }
        }

        return new self($document, $packed);
    }

    /** The file. */
    public function bytes(): string
    {
        $path = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString('README.txt', self::README);
        $zip->addFromString('design.json', $this->document);
        $zip->addFromString(
            'fonts/fonts.json',
            \json_encode(
                \array_map(static fn (PackedFont $font): FontEntry => $font->entry, $this->fonts),
                \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
            )."\n",
        );
        foreach ($this->fonts as $font) {
            $zip->addFromString("fonts/{$font->entry->id}.ttf", $font->bytes);
        }
        $zip->close();
        $bytes = (string) \file_get_contents($path);
        \unlink($path);

        return $bytes;
    }

    /** @throws ParcelException if it is not a design file */
    public static function fromBytes(string $bytes): self
    {
        $path = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
        \file_put_contents($path, $bytes);
        $zip = new \ZipArchive();
        try {
            if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
                throw ParcelException::notZip();
            }
            $document = self::read($zip, 'design.json');
            $fonts = [];
            foreach (self::list($zip) as $entry) {
                $fonts[] = new PackedFont($entry, self::read($zip, "fonts/$entry->id.ttf"));
            }
            $zip->close();
        } finally {
            \unlink($path);
        }

        return new self($document, $fonts);
    }

    /** @return list<FontEntry> */
    private static function list(\ZipArchive $zip): array
    {
        $list = \json_decode(self::read($zip, 'fonts/fonts.json'), true);
        if (!\is_array($list) || \count($list) > 100) {
            throw ParcelException::broken('fonts/fonts.json');
        }
        $entries = [];
        foreach ($list as $font) {
            $text = static fn (string $field): string => \is_array($font) && \is_string($font[$field] ?? null)
                ? $font[$field]
                : throw ParcelException::broken('fonts/fonts.json');
            if (1 !== \preg_match('/^[a-z0-9][a-z0-9-]{0,39}$/', $text('id'))) {
                throw ParcelException::broken('fonts/fonts.json');
            }
            $entries[] = new FontEntry($text('id'), $text('name'), $text('use'), $text('licence'));
        }

        return $entries;
    }

    private static function read(\ZipArchive $zip, string $name): string
    {
        $about = $zip->statName($name);
        if (false === $about) {
            throw ParcelException::missing($name);
        }
        if ($about['size'] > self::LARGEST) {
            throw ParcelException::tooLarge($name);
        }
        // No more than it says, whatever it unpacks to.
        $bytes = $zip->getFromName($name, self::LARGEST);

        return false === $bytes ? throw ParcelException::broken($name) : $bytes;
    }
}
