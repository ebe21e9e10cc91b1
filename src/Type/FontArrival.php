<?php

declare(strict_types=1);

namespace Uvret\App\Type;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\String\Slugger\AsciiSlugger;
use Uvret\Type\FolderTypeCase;
use Uvret\Type\Font;
use Uvret\Type\FontEntry;
use Uvret\Type\FontException;
use Uvret\Type\TypeCase;

/** Takes fonts into the shop's type case: read, measured, and told from those that are there. */
final readonly class FontArrival
{
    public function __construct(
        private TypeCase $typeCase,
        #[Autowire(service: 'uvret.shop_fonts')] private FolderTypeCase $shopFonts,
    ) {
    }

    /**
     * @return array{entry: FontEntry, known: bool, note: string}
     *
     * @throws FontException if the file is no font that can be used
     */
    public function take(string $bytes): array
    {
        $font = Font::fromBytes($bytes);

        return $this->shopFonts->alone(fn (): array => $this->put($font, $bytes));
    }

    /** @return array{entry: FontEntry, known: bool, note: string} */
    private function put(Font $font, string $bytes): array
    {
        $hash = \hash('sha256', $bytes);
        foreach ($this->typeCase->entries() as $entry) {
            if (\hash_file('sha256', (string) $this->typeCase->file($entry->id)) === $hash) {
                return ['entry' => $entry, 'known' => true, 'note' => "It is there already, as {$entry->name}."];
            }
        }
        $name = \trim($font->family.('Regular' === $font->style ? '' : " $font->style"));
        $stem = (new AsciiSlugger())->slug($name)->lower()->truncate(36)->trim('-')->toString();
        $id = $stem = '' === $stem ? 'font' : $stem;
        for ($number = 2; null !== $this->typeCase->entry($id); ++$number) {
            $id = "$stem-$number";
        }
        $entry = FontEntry::measured($id, $name, 'brought by the shop', '' === $font->licence ? 'Licence not stated' : $font->licence, $font);
        $this->shopFonts->add($entry, $bytes);
        $notes = [];
        if ($font->isVariable) {
            $notes[] = 'It is a variable font: its default instance is used.';
        }
        if (!$font->mayBeEmbedded) {
            $notes[] = 'Its maker does not allow taking it along in files.';
        }

        return ['entry' => $entry, 'known' => false, 'note' => \implode(' ', $notes)];
    }
}
