<?php

declare(strict_types=1);

namespace Uvret\Tests\Roster;

use PHPUnit\Framework\TestCase;
use Uvret\Compose\Composer;
use Uvret\Design\Design;
use Uvret\Design\DesignReader;
use Uvret\Design\Line;
use Uvret\Plan\Planner;
use Uvret\Roster\Person;
use Uvret\Roster\PersonDesign;
use Uvret\Roster\RosterException;
use Uvret\Roster\Team;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Letters;

/** One design for a whole list. */
final class TeamTest extends TestCase
{
    private const NAMES = ['Ottilie', 'Bo', 'Wilhelmina', 'Zoë', 'fin', 'Kaspar'];

    /** Everyone's words are those of the list, in the size of the line; only what is too wide is squeezed, and then smaller. */
    public function testNobodyIsWiderThanTheLimit(): void
    {
        $free = self::team(['size' => ['by' => 'letter', 'length' => 30_000]]);
        foreach ($free as $made) {
            self::assertSame(30_000, $made->lines[0]->letterHeight);
            self::assertSame([100.0, false], [$made->lines[0]->squeezed, $made->lines[0]->smaller]);
        }
        $limit = 90_000;
        $made = self::team(['size' => ['by' => 'letter', 'length' => 30_000], 'fitting' => ['atMost' => $limit, 'squeeze' => 85]]);
        $kinds = [];
        foreach ($made as $at => $one) {
            [$line, $before] = [$one->lines[0], $free[$at]->lines[0]];
            self::assertSame(self::NAMES[$at], $line->words);
            self::assertLessThanOrEqual($limit + 2, $line->width);
            $needed = 100 * $limit / $before->width;
            self::assertEqualsWithDelta(\max(85.0, \min(100.0, $needed)), $line->squeezed, 0.1);
            self::assertSame($needed < 85, $line->smaller);
            self::assertEqualsWithDelta(30_000 * \min(1.0, $needed / 85), $line->letterHeight, 10);
            $kinds[] = $needed >= 100 ? 'as it is' : ($needed >= 85 ? 'squeezed' : 'smaller');
        }
        $all = ['as it is', 'squeezed', 'smaller'];
        self::assertSame($all, \array_values(\array_intersect($all, $kinds)), 'the list has all kinds');
    }

    public function testAllAreAsTallAsTheLongestAllows(): void
    {
        $made = self::team(['fitting' => ['tallest' => true, 'atMost' => 120_000]]);
        $heights = \array_unique(\array_map(static fn (PersonDesign $one): int => $one->lines[0]->letterHeight, $made));
        $widths = \array_map(static fn (PersonDesign $one): int => $one->lines[0]->width, $made);
        self::assertCount(1, $heights);
        self::assertEqualsWithDelta(120_000, $widths[2], 12, 'the longest takes all the room');
        self::assertSame([], \array_filter($widths, static fn (int $width): bool => $width > $widths[2]));
        // A part of the list has the height of the whole list.
        [$document, $people] = [self::document(['fitting' => ['tallest' => true, 'atMost' => 120_000]]), self::people()];
        self::assertSame($heights[0], self::of()->designs($document, [$people[1]], $people)[0]->lines[0]->letterHeight);
        self::assertGreaterThan(2 * $heights[0], self::of()->designs($document, [$people[1]])[0]->lines[0]->letterHeight);
    }

    public function testOneWidthAndTheArea(): void
    {
        foreach (self::team(['size' => ['by' => 'width', 'length' => 70_000]]) as $made) {
            self::assertEqualsWithDelta(70_000, $made->lines[0]->width, 2);
        }
        foreach (self::team(['size' => ['by' => 'area', 'length' => 20_000]]) as $made) {
            $ink = (new Planner(Letters::typeCase()))->plan($made->design)->composition->ink();
            self::assertNotNull($ink);
            self::assertEqualsWithDelta(0, \min(220_000 - $ink->width(), 200_000 - $ink->height()), 4);
        }
    }

    /** What the words are shaped to is what HarfBuzz makes of them. */
    public function testEachIsShapedAsHarfBuzzShapesIt(): void
    {
        $file = Letters::typeCase()->file('lobster');
        foreach (self::team([]) as $at => $made) {
            $line = $made->design->line('name');
            self::assertNotNull($line);
            \exec('hb-shape --no-glyph-names --no-positions --no-clusters '.\escapeshellarg((string) $file).' '.\escapeshellarg(self::NAMES[$at]), $said);
            $glyphs = \array_map(static fn (object $glyph): int => $glyph->glyph, Letters::font('lobster')->shape($line->lettering->words)->glyphs);
            self::assertSame('['.\implode('|', $glyphs).']', \array_pop($said));
        }
    }

    public function testLettersKeepWhatIsSetForThem(): void
    {
        $document = self::document(['lettering' => ['words' => '⟨number⟩ for ⟨name⟩!', 'font' => 'lobster', 'letters' => [
            ['at' => 3, 'kern' => 5], ['at' => 9, 'kern' => 10], ['at' => 19, 'turn' => 20],
        ]]]);
        $line = self::of()->designs($document, [new Person('1', ['name' => 'Bo', 'number' => '12'])])[0]->design->line('name');
        self::assertSame('12 for Bo!', $line?->lettering->words);
        $kerns = \array_map(static fn (object $letter): float => $letter->kern, $line->lettering->letters);
        self::assertSame([3 => 10.0, 9 => 0.0], $kerns, 'not what was set on a field');
        self::assertSame([3, 9], \array_column($line->lettering->letters, 'at'));
    }

    public function testWhatIsSetForOneOnlyStays(): void
    {
        $own = self::object(['name' => ['size' => ['by' => 'letter', 'length' => 12_000], 'lettering' => ['letters' => [['at' => 1, 'across' => 40]]]]]);
        $words = self::object(['name' => ['lettering' => ['words' => 'The ⟨name⟩']]]);
        $bo = ['name' => 'Bo'];
        $people = [new Person('1', $bo, self::parts($own)), new Person('2', $bo), new Person('3', $bo, self::parts($words))];
        $document = self::document(['fitting' => ['tallest' => true, 'atMost' => 50_000]]);
        $before = \serialize($document);
        $made = self::of()->designs($document, $people);
        self::assertSame([12_000, 40.0], [$made[0]->lines[0]->letterHeight, $made[0]->design->line('name')?->lettering->letters[1]->across]);
        self::assertNotSame(12_000, $made[1]->lines[0]->letterHeight);
        self::assertSame([], $made[1]->design->line('name')?->lettering->letters);
        self::assertSame('The Bo', $made[2]->lines[0]->words);
        // What the line itself says nothing of can be set, too.
        $narrow = self::parts(self::object(['name' => ['fitting' => ['atMost' => 20_000]]]));
        self::assertLessThan(20_003, self::of()->designs(self::document([]), [new Person('5', $bo, $narrow)])[0]->lines[0]->width);
        self::assertSame($before, \serialize($document), 'the design stays as it is');
        $this->expectException(RosterException::class);
        $this->expectExceptionMessageMatches('/^“Ines”: .*size/');
        self::of()->designs($document, [new Person('4', ['name' => 'Ines'], self::parts(self::object(['name' => ['size' => ['length' => -5]]])))]);
    }

    /** In a face whose 1 is narrow, every digit takes the same room. */
    public function testDigitsOnOneWidth(): void
    {
        $middle = static function (string $number, bool $even): float {
            $document = self::document([
                'lettering' => ['words' => '⟨number⟩H', 'font' => 'montserrat'],
                'size' => ['by' => 'letter', 'length' => 50_000],
                'fitting' => ['evenDigits' => $even],
            ]);
            $design = self::of()->designs($document, [new Person('1', ['number' => "8$number"])])[0]->design;
            $letters = (new Composer(Letters::typeCase()))->compose($design)->parts[0]->letters;

            return ($letters[2]->left - $letters[0]->left) / 1000;
        };
        self::assertNotEqualsWithDelta($middle('1', false), $middle('0', false), 2);
        foreach (\range(0, 9) as $digit) {
            self::assertEqualsWithDelta($middle('8', true), $middle((string) $digit, true), 0.05, "8{$digit}H");
        }
    }

    public function testWithoutAListFieldsShowASample(): void
    {
        $design = (new DesignReader())->fromDocument(self::document(['lettering' => ['words' => '⟨name⟩', 'font' => 'lobster']]));
        $plan = (new Planner(Letters::typeCase()))->plan($design);
        self::assertSame('Marisol', $plan->design->line('name')?->lettering->words);
        self::assertCount(7, $plan->composition->parts[0]->letters);
    }

    public function testEverybodysLayersAreThoseOfADesignWithTheirName(): void
    {
        $planner = new Planner(Letters::typeCase());
        $made = self::team(['size' => ['by' => 'letter', 'length' => 25_000]])[2];
        $line = ['lettering' => ['words' => 'Wilhelmina', 'font' => 'lobster'], 'size' => ['by' => 'letter', 'length' => 25_000]];
        $typed = (new DesignReader())->fromDocument(self::document($line));
        $digest = static fn (Design $design): string => $planner->plan($design)->separation->layers[0]->region->digest();
        self::assertSame($digest($typed), $digest($made->design));
    }

    /**
     * @param array<string, mixed> $line
     *
     * @return list<PersonDesign>
     */
    private static function team(array $line): array
    {
        return self::of()->designs(self::document($line), self::people());
    }

    /** @return list<Person> */
    private static function people(): array
    {
        return \array_map(
            static fn (int $at): Person => new Person((string) $at, ['name' => self::NAMES[$at], 'number' => (string) (4 + $at)]),
            \array_keys(self::NAMES),
        );
    }

    private static function of(): Team
    {
        return new Team(new DesignReader(), new Composer(Letters::typeCase()), Letters::typeCase());
    }

    /** @param array<string, mixed> $line */
    private static function document(array $line): \stdClass
    {
        $document = \json_decode(Designs::json());
        \assert($document instanceof \stdClass);
        $whole = [
            'id' => 'name',
            'film' => 'ink',
            'lettering' => ['words' => '⟨name⟩', 'font' => 'lobster'],
            'size' => ['by' => 'letter', 'length' => 30_000],
        ];
        $document->lines = [self::object([...$whole, ...$line])];

        return $document;
    }

    /** @return array<string, \stdClass> */
    private static function parts(\stdClass $own): array
    {
        $parts = [];
        foreach (\get_object_vars($own) as $line => $part) {
            self::assertInstanceOf(\stdClass::class, $part);
            $parts[(string) $line] = $part;
        }

        return $parts;
    }

    /** @param array<string, mixed> $data */
    private static function object(array $data): \stdClass
    {
        $object = \json_decode(\json_encode($data, \JSON_THROW_ON_ERROR));
        \assert($object instanceof \stdClass);

        return $object;
    }
}
