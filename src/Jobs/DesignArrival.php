<?php

declare(strict_types=1);

namespace Uvret\App\Jobs;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Uvret\App\Api\DraftReader;
use Uvret\Design\DesignException;
use Uvret\Parcel\DesignFile;
use Uvret\Parcel\PackedFont;
use Uvret\Parcel\ParcelException;
use Uvret\Type\FolderTypeCase;
use Uvret\Type\Font;
use Uvret\Type\FontEntry;
use Uvret\Type\FontException;
use Uvret\Type\TypeCase;

/** Takes in a design file: its fonts go into the shop's type case where they are not there yet. */
final readonly class DesignArrival
{
    public function __construct(
        private DraftReader $drafts,
        private TypeCase $typeCase,
        #[Autowire(service: 'uvret.shop_fonts')] private FolderTypeCase $shopFonts,
    ) {
    }

    /**
     * @return string the design document
     *
     * @throws ParcelException|DesignException|FontException if it cannot be taken in; nothing of it is kept then
     */
    public function document(string $bytes): string
    {
        $file = DesignFile::fromBytes($bytes);
        $draft = $this->drafts->draft($file->document);
        // None is put in unless all can be read.
        foreach ($file->fonts as $font) {
            Font::fromBytes($font->bytes);
        }
        $ids = $this->shopFonts->alone(function () use ($file): array {
            $ids = [];
            foreach ($file->fonts as $font) {
                $ids[$font->entry->id] = $this->idFor($font);
            }

            return $ids;
        });
        /** @var \stdClass&object{lines: list<object{lettering: \stdClass}>} $document */
        $document = $draft->document;
        foreach ($document->lines as $line) {
            $font = $line->lettering->font;
            \assert(\is_string($font));
            $line->lettering->font = $ids[$font] ?? $font;
        }

        return $this->drafts->encode($document);
    }

    /** The id that the font has here: another one than there if ours of that id is a different font. */
    private function idFor(PackedFont $font): string
    {
        $id = $font->entry->id;
        for ($number = 2; null !== $file = $this->typeCase->file($id); ++$number) {
            if (\hash_file('sha256', $file) === \hash('sha256', $font->bytes)) {
                return $id;
            }
            $id = \substr($font->entry->id, 0, 36)."-$number";
        }
        $this->shopFonts->add(
            FontEntry::measured($id, $font->entry->name, $font->entry->use, $font->entry->licence, Font::fromBytes($font->bytes)),
            $font->bytes,
        );

        return $id;
    }
}
