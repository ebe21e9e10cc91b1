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

    public function testTheCustomerSeesTheFaceOfTheFilm(): void
    {
        $smooth = self::closeUp('smooth');
        self::assertSame($smooth, self::closeUp('stretch'), 'which looks like a smooth one');
        foreach (['glitter', 'flock', 'reflective', 'patterned', 'metallic', 'puff'] as $finish) {
            $differ = \array_filter(
                self::closeUp($finish),
                static fn (float $dark, int $at): bool => \abs($dark - $smooth[$at]) > 0.02,
                \ARRAY_FILTER_USE_BOTH,
            );
            self::assertGreaterThan(500, \count($differ), $finish);
        }
    }

    /** @return list<float> how dark the points of the close-up are, which lies from 109 to 195 mm across and 38 to 130 mm down */
    private static function closeUp(string $finish): array
    {
        $picture = Png::drawn(self::page([
            'lines.0.font' => 'alfa-slab-one',
            'lines.0.words' => 'ROW',
            'films.0.finish' => $finish,
            'films.0.colour' => '#804020',
        ]));
        $scale = $picture->width / 210;
        $points = [];
        for ($y = (int) (38 * $scale); $y < 130 * $scale; ++$y) {
            for ($x = (int) (109 * $scale); $x < 195 * $scale; ++$x) {
                $points[] = $picture->darkness($x, $y);
            }
        }

        return $points;
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
