<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Joining\JoinMender;
use Uvret\Compose\Joining\Mend;
use Uvret\Compose\LetterForms;
use Uvret\Snags\JointSnags;
use Uvret\Snags\Snag;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Letters;

/** Letters nudged, drawn in other forms, and joined. */
final class LettersTest extends TestCase
{
    private const ANTON = ['lines.0.font' => 'anton', 'lines.0.words' => 'TERN', 'lines.0.size' => ['by' => 'letter', 'length' => 40000]];

    public function testRoomBeforeALetterMovesAllThatFollows(): void
    {
        $plain = Designs::plan(self::ANTON)->composition->parts[0];
        $kerned = Designs::plan([...self::ANTON, 'lines.0.letters' => [['at' => 2, 'kern' => 100]]])->composition->parts[0];
        $by = $plain->em / 10;
        self::assertEqualsWithDelta($by, $kerned->width - $plain->width, 2);
        foreach ([0 => -$by / 2, 1 => -$by / 2, 2 => $by / 2, 3 => $by / 2] as $at => $moved) {
            self::assertEqualsWithDelta($moved, $kerned->letters[$at]->left - $plain->letters[$at]->left, 3, "letter $at of a centred line");
        }
    }

    public function testALetterAloneIsMovedTurnedAndMadeLarger(): void
    {
        $plain = Designs::plan(self::ANTON)->composition->parts[0];
        $by = $plain->em / 1000;
        $moved = Designs::plan([...self::ANTON, 'lines.0.letters' => [['at' => 1, 'along' => 20, 'across' => -50]]])->composition->parts[0];
        self::assertEqualsWithDelta($plain->letters[1]->left + 20 * $by, $moved->letters[1]->left, 3);
        self::assertEqualsWithDelta($plain->letters[1]->height(), $moved->letters[1]->height(), 2);
        self::assertEqualsWithDelta(50 * $by, $moved->height - $plain->height, 3);
        $large = Designs::plan([...self::ANTON, 'lines.0.letters' => [['at' => 1, 'scale' => 150]]])->composition->parts[0];
        self::assertEqualsWithDelta(1.5 * $plain->letters[1]->height(), $large->letters[1]->height(), 3);
        $turned = Designs::plan([...self::ANTON, 'lines.0.letters' => [['at' => 1, 'turn' => 90]]])->composition->parts[0];
        self::assertEqualsWithDelta($plain->letters[1]->height(), $turned->letters[1]->width(), 3);
    }

    public function testFormsAreThoseOfTheFont(): void
    {
        $line = Designs::read(['lines.0.font' => 'great-vibes', 'lines.0.words' => 'See Quill'])->lines[0];
        $forms = LetterForms::of($line->lettering, 4, Letters::font('great-vibes'));
        self::assertSame([], $forms[0]->features);
        self::assertContains(['salt'], \array_column($forms, 'features'));
        $seen = [];
        foreach ($forms as $form) {
            $seen[] = Geos::wkt($form->word);
        }
        self::assertSame($seen, \array_unique($seen), 'each looks different');

        // The chosen form is what the line draws.
        $plain = Designs::plan(['lines.0.font' => 'great-vibes', 'lines.0.words' => 'Quill'])->composition->parts[0]->region;
        $chosen = Designs::plan([
            'lines.0.font' => 'great-vibes',
            'lines.0.words' => 'Quill',
            'lines.0.letters' => [['at' => 0, 'features' => ['salt']]],
        ])->composition->parts[0]->region;
        self::assertNotSame($plain->rings(), $chosen->rings());
    }

    public function testAnyGlyphStandsForALetterAndTakesItsOwnRoom(): void
    {
        $font = Letters::font('lobster');
        $wide = $font->shape('W')->glyphs[0];
        $words = [
            'lines.0.words' => 'R❧R',
            'lines.0.size' => ['by' => 'letter', 'length' => 30000],
            'lines.0.letters' => [['at' => 1, 'glyph' => $wide->glyph]],
        ];
        $part = Designs::plan($words)->composition->parts[0];
        self::assertSame([], $part->missing, 'the ornament’s own glyph is drawn');
        self::assertEqualsWithDelta(
            $part->em * ($font->shape('R')->advance + $wide->advance) / $font->unitsPerEm,
            $part->letters[2]->left - $part->letters[0]->left,
            3,
        );
        self::assertSame(['❧'], Designs::plan([...$words, 'lines.0.letters' => []])->composition->parts[0]->missing);
    }

    public function testLettersAreCutFromFilmsOfTheirOwn(): void
    {
        $films = ['films.1' => ['id' => 'buoy', 'name' => 'Buoy', 'colour' => '#E2703A'] + Designs::FILM];
        $one = Designs::plan([...self::ANTON, ...$films]);
        $two = Designs::plan([...self::ANTON, ...$films, 'lines.0.letters' => [['at' => 1, 'film' => 'buoy'], ['at' => 3, 'film' => 'buoy']]]);
        self::assertCount(1, $one->cutPlan->sheets);
        self::assertCount(2, $two->cutPlan->sheets);
        self::assertEquals($one->composition->ink(), $two->composition->ink());
        [$ink, $buoy] = $two->composition->parts;
        self::assertSame(['ink', 'buoy'], [$ink->film, $buoy->film]);
        self::assertCount(2, $buoy->region->pieces());
        self::assertEqualsWithDelta($one->composition->parts[0]->region->area(), $ink->region->area() + $buoy->region->area(), 1);
        $this->expectExceptionMessage('lines/0/lettering/letters/0/film');
        Designs::read([...self::ANTON, 'lines.0.letters' => [['at' => 1, 'film' => 'gold']]]);
    }

    public function testBeginningsAndEndsOfWordsHaveTheirForms(): void
    {
        $words = ['lines.0.font' => 'playball', 'lines.0.words' => 'oo oo'];
        $plain = Designs::plan($words)->composition->parts[0];
        $forms = Designs::plan([...$words, 'lines.0.wordForms' => true])->composition->parts[0];
        self::assertNotSame($plain->region->rings(), $forms->region->rings());
    }

    public function testNearMissesAreFoundAndMended(): void
    {
        $line = ['lines.0.font' => 'meow-script', 'lines.0.words' => 'Tern Point', 'lines.0.size' => ['by' => 'letter', 'length' => 30000]];
        $plan = Designs::plan($line);
        $pairs = \array_map(static fn (Snag $snag): string => \mb_substr($snag->message, 0, 4), $plan->snags);
        self::assertSame(['“rn”', '“oi”', '“in”', '“nt”'], $pairs);
        $part = $plan->composition->parts[0];
        self::assertGreaterThan(2, \count($part->region->pieces()));

        $mends = JoinMender::mend($plan->design->lines[0], Letters::font('meow-script'), $part->em, JointSnags::NECK);
        self::assertCount(4, $mends);
        $letters = [];
        foreach ($mends as $mend) {
            self::assertNotNull($mend->by);
            self::assertLessThan(0, $mend->by);
            $letters[] = ['at' => $mend->at, 'kern' => $mend->by];
        }
        $mended = Designs::plan([...$line, 'lines.0.letters' => $letters]);
        self::assertSame([], $mended->snags);
        self::assertCount(5, $mended->composition->parts[0]->region->pieces(), 'T, ern, P, oint, and the dot of the i');

        // Half as much would not do: the nudges are the smallest that help.
        $half = \array_map(static fn (array $letter): array => ['at' => $letter['at'], 'kern' => $letter['kern'] - 2 * ($letter['kern'] <=> 0)], $letters);
        self::assertCount(4, Designs::plan([...$line, 'lines.0.letters' => $half])->snags);
    }

    public function testTrackingThatTearsAScriptIsSaid(): void
    {
        $line = ['lines.0.font' => 'sacramento', 'lines.0.words' => 'crew', 'lines.0.size' => ['by' => 'letter', 'length' => 30000]];
        self::assertSame([], Designs::plan($line)->snags);
        $torn = Designs::plan([...$line, 'lines.0.spacing' => 200])->snags;
        self::assertCount(3, $torn);
        self::assertSame([], Designs::plan([...$line, 'lines.0.spacing' => 200, 'lines.0.joins' => 'apart'])->snags);
        self::assertSame([], Designs::plan(['lines.0.font' => 'anton', 'lines.0.spacing' => 200])->snags, 'block letters need not join');
    }

    public function testAWordWithANearMissAndAFilledHoleIsMendedInOneGo(): void
    {
        $line = ['lines.0.words' => 'Coxswain', 'lines.0.spacing' => -40, 'lines.0.size' => ['by' => 'letter', 'length' => 40000]];
        $plan = Designs::plan($line);
        $kinds = \array_map(static fn (Snag $snag): string => $snag->kind->value, $plan->snags);
        self::assertContains('filled hole', $kinds);
        self::assertContains('letters that do not join', $kinds);
        $mends = JoinMender::mend($plan->design->lines[0], Letters::font('lobster'), $plan->composition->parts[0]->em, JointSnags::NECK);
        $letters = \array_map(static fn (Mend $mend): array => ['at' => $mend->at, 'kern' => $mend->by], $mends);
        self::assertSame([], Designs::plan([...$line, 'lines.0.letters' => $letters])->snags);
        self::assertCount(2, \array_unique(\array_map(static fn (Mend $mend): int => $mend->by <=> 0, $mends)), 'one together, one apart');
    }

    public function testAFilledHoleIsFoundAndMended(): void
    {
        // The second letter is pushed into the hole of the first.
        $line = [
            'lines.0.font' => 'lobster',
            'lines.0.words' => 'on',
            'lines.0.size' => ['by' => 'letter', 'length' => 40000],
            'lines.0.letters' => [['at' => 1, 'kern' => -190]],
        ];
        $plan = Designs::plan($line);
        self::assertSame('filled hole', $plan->snags[0]->kind->value);
        $part = $plan->composition->parts[0];
        [$mend] = JoinMender::mend($plan->design->lines[0], Letters::font('lobster'), $part->em, JointSnags::NECK);
        self::assertGreaterThan(0, $mend->by);
        $mended = Designs::plan([...$line, 'lines.0.letters' => [['at' => 1, 'kern' => -190 + $mend->by]]]);
        self::assertSame([], $mended->snags);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unseen(): iterable
    {
        foreach (['anton', 'lobster', 'sacramento', 'rye', 'archivo-black'] as $font) {
            foreach (["\u{00AD}", "\u{200B}", "\u{200D}", "\u{2060}", "\u{FE0F}", "\u{FEFF}"] as $character) {
                yield $font.\sprintf(' U+%04X', \mb_ord($character)) => [$font, $character];
            }
        }
    }

    #[DataProvider('unseen')]
    public function testCharactersThatAreNeverSeenAreNeverCut(string $font, string $character): void
    {
        $plain = Designs::plan(['lines.0.font' => $font, 'lines.0.words' => 'TERN']);
        $plan = Designs::plan(['lines.0.font' => $font, 'lines.0.words' => $character.'TERN'.$character]);
        self::assertSame($plain->composition->parts[0]->region->rings(), $plan->composition->parts[0]->region->rings());
        self::assertSame([], $plan->composition->parts[0]->missing);
    }
}
