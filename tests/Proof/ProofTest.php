<?php

declare(strict_types=1);

namespace Uvret\Tests\Proof;

use PHPUnit\Framework\TestCase;
use Uvret\Proof\Proof;
use Uvret\Proof\ProofNotes;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Png;

final class ProofTest extends TestCase
{
    private const WORDS = 'Rowing regatta of all crews and all clubs of the harbour, with races for eights, fours and single sculls';

    public function testAllWordsAreThereToTheLastLetterAndAllFilmsByName(): void
    {
        $svg = self::page([
            'lines.0.words' => self::WORDS, 'lines.0.font' => 'anton',
            'films.1' => ['id' => 'sunup', 'name' => 'Sun-up <gold>', 'finish' => 'glitter', 'colour' => '#F5C242'] + Designs::FILM,
            'lines.0.treatments' => ['outlines' => [['width' => 1_500, 'film' => 'sunup']]],
        ]);
        $texts = self::texts($svg);
        self::assertContains('“'.self::WORDS.'”', $texts);
        self::assertContains('Harbour ink, outline Sun-up <gold>', $texts);
        self::assertContains('Harbour ink, Sun-up <gold> (glitter)', $texts, 'in the order in which they are pressed');
        self::assertContains('Kit tote, One size, Canvas', $texts);
        self::assertContains('Middle of the bag, 90.0 mm from the top edge', $texts);
        self::assertContains('Approved by', $texts);
        self::assertContains('Approved by Ottilie Marsh', self::texts(self::page([], 'Approved by Ottilie Marsh')));
    }

    /** Drawn at three times its size, so that flakes are more than a point. */
    public function testTheCustomerSeesTheFaceOfTheFilm(): void
    {
        $drawn = static fn (string $finish): Png => Png::drawn(\str_replace(['"210mm"', '"297mm"'], ['"630mm"', '"891mm"'], self::page(['lines.0.font' => 'alfa-slab-one', 'lines.0.words' => 'ROW', 'films.0.finish' => $finish, 'films.0.colour' => '#804020'])));
        $smooth = $drawn('smooth');
        // The page is 210 mm wide; the close-up lies from 109 to 195 mm, 38 to 130 mm down.
        $scale = $smooth->width / 210;
        $closeUp = static fn (Png $other): int => $smooth->differences($other, (int) (109 * $scale), (int) (38 * $scale), (int) (86 * $scale));
        self::assertSame(0, $closeUp($drawn('stretch')), 'which looks like a smooth one');
        foreach (['glitter', 'reflective', 'patterned', 'metallic', 'puff'] as $finish) {
            self::assertGreaterThan(100, $closeUp($drawn($finish)), $finish);
        }
    }

    /** @param array<string, mixed> $changes */
    private static function page(array $changes, ?string $approved = null): string
    {
        return (new Proof())->page(Designs::plan($changes), new ProofNotes('Kit bags', 'Tern Point Regatta', 3, '26 November 2026', $approved));
    }

    /** @return list<string> */
    private static function texts(string $svg): array
    {
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML($svg));

        return \array_map(static fn (\DOMElement $text): string => $text->textContent, \iterator_to_array($document->getElementsByTagName('text'), false));
    }
}
