<?php

declare(strict_types=1);

namespace Uvret\Tests\Snags;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Uvret\Design\Design;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Plan\Plan;
use Uvret\Plan\Planner;
use Uvret\Snags\Loss;
use Uvret\Snags\LossFinder;
use Uvret\Snags\LossSnags;
use Uvret\Snags\Snag;
use Uvret\Snags\SnagKind;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Letters;

final class LossTest extends TestCase
{
    public function testThinStrokesAreFoundAndTheHeightAtWhichTheyPass(): void
    {
        $line = ['lines.0.font' => 'sacramento', 'lines.0.words' => 'crew'];
        $finder = new LossFinder();
        $small = Designs::plan([...$line, 'lines.0.size' => ['by' => 'letter', 'length' => 15000]]);
        $loss = $finder->find($small->design, $small->composition->parts[0]);
        self::assertNotNull($loss);
        self::assertFalse($loss->strokes->isEmpty());
        self::assertNotNull($loss->strokeHeight);
        self::assertSame('thin stroke', LossSnags::of($small->design, $loss)[0]->kind->value);
        // What is lost lies in the lettering.
        self::assertEqualsWithDelta(0, $loss->strokes->subtract($small->composition->parts[0]->region)->area() / $loss->strokes->area(), 1e-4);

        // A little above that height nothing tears, well below it something does.
        $at = static fn (float $share) => Designs::plan([...$line, 'lines.0.size' => ['by' => 'letter', 'length' => (int) ($share * $loss->strokeHeight)]]);
        self::assertFalse(self::tears($finder->find($at(1.05)->design, $at(1.05)->composition->parts[0])));
        self::assertTrue(self::tears($finder->find($at(0.9)->design, $at(0.9)->composition->parts[0])));
    }

    #[TestWith(['oswald', 'Kittiwake'])]
    #[TestWith(['rye', 'Regatta'])]
    #[TestWith(['satisfy', 'Kittiwake'])]
    public function testTheHeightSuggestedIsEnoughAndNoMore(string $font, string $words): void
    {
        $finder = new LossFinder();
        $loss = static function (int $height) use ($finder, $font, $words): ?Loss {
            $plan = Designs::plan(['lines.0.font' => $font, 'lines.0.words' => $words, 'lines.0.size' => ['by' => 'letter', 'length' => $height]]);

            return $finder->find($plan->design, $plan->composition->parts[0]);
        };
        $enough = $loss(12_000)->strokeHeight ?? self::fail('It is thin.');
        self::assertFalse(self::tears($loss((int) (1.03 * $enough))));
        self::assertTrue(self::tears($loss((int) (0.96 * $enough))));
    }

    public function testTheFilmDecides(): void
    {
        $line = ['lines.0.font' => 'graduate', 'lines.0.words' => 'TERN', 'lines.0.size' => ['by' => 'letter', 'length' => 14000]];
        $finder = new LossFinder();
        $smooth = Designs::plan($line);
        self::assertNull($finder->find($smooth->design, $smooth->composition->parts[0]));
        $glitter = Designs::plan([...$line, 'films.0.finish' => 'glitter']);
        self::assertNotNull($finder->find($glitter->design, $glitter->composition->parts[0]));
    }

    /** @return iterable<string, array{int, string}> cap height in µm, what to do */
    public static function holes(): iterable
    {
        yield 'nearly large enough' => [5_000, '/^Make the letters at least [\d.]+ mm high, or choose a more open font\.$/'];
        yield 'too small for any reasonable size' => [3_000, '/^Choose a more open font, or move the letters if it is between two\.$/'];
    }

    #[DataProvider('holes')]
    public function testHolesTooSmallToWeedAreFound(int $height, string $cure): void
    {
        $finder = new LossFinder();
        $line = static fn (int $height): Plan => Designs::plan([
            'lines.0.font' => 'archivo-black',
            'lines.0.words' => 'Beo',
            'lines.0.size' => ['by' => 'letter', 'length' => $height],
        ]);
        $loss = $finder->find($line($height)->design, $line($height)->composition->parts[0]);
        self::assertNotNull($loss);
        self::assertCount(4, $loss->holes->pieces(), 'two of the B, one each of e and o');
        $snags = LossSnags::of($line($height)->design, $loss);
        $hole = \array_values(\array_filter($snags, static fn (Snag $snag): bool => SnagKind::SmallHole === $snag->kind));
        self::assertSame('4 holes are too small to weed.', $hole[0]->message);
        self::assertMatchesRegularExpression($cure, $hole[0]->cure);
        if (null !== $loss->holeHeight) {
            self::assertNull($finder->find($line($loss->holeHeight + 100)->design, $line($loss->holeHeight + 100)->composition->parts[0]));
            self::assertNotNull($finder->find($line($loss->holeHeight - 100)->design, $line($loss->holeHeight - 100)->composition->parts[0]));
        }
    }

    /** @return iterable<string, array{Design, list<string>}> design, messages about what is too thin or too small */
    public static function said(): iterable
    {
        $line = ['lines.0.font' => 'archivo-black', 'lines.0.words' => 'o', 'lines.0.size' => ['by' => 'letter', 'length' => 5_000], 'lines.0.shift' => 40_000];
        yield 'one hole' => [Designs::read($line), ['A hole is too small to weed.']];
        yield 'a hidden line' => [Designs::read([...$line, 'lines.0.hidden' => true]), []];
        $form = ['id' => 'plate', 'kind' => 'rectangle', 'film' => 'ink', 'width' => 100_000, 'height' => 60_000, 'across' => 0, 'down' => 60_000];
        yield 'an inset' => [
            Designs::read([
                'lines.0.font' => 'sacramento',
                'lines.0.words' => 'l',
                'lines.0.size' => ['by' => 'letter', 'length' => 22_000],
                'lines.0.treatments' => ['setInto' => ['into' => 'cards', 'cards' => ['plate'], 'clearance' => 3_000]],
                'forms' => [$form],
            ]),
            ['The inset’s own strokes are thinner than 1.0 mm in one place (only just) and would tear.'],
        ];
        $bar = ['id' => 'bar', 'kind' => 'rectangle', 'film' => 'ink', 'width' => 100_000, 'height' => 600, 'across' => 0, 'down' => 60_000];
        // The plate covers what lies to the left of its right edge.
        $over = static fn (int $edge): array => [...$form, 'across' => $edge - 50_000];
        $thin = ['Strokes are thinner than 1.0 mm in one place (thinnest about 0.6 mm) and would tear.'];
        yield 'a bar covered to 40 %' => [Designs::read(['lines' => [], 'forms' => [$bar, $over(-10_000)]]), $thin];
        yield 'a bar covered to 60 %' => [Designs::read(['lines' => [], 'forms' => [$bar, $over(10_000)]]), []];
        // About 5 mm from where it is 1 mm wide to its tip.
        $wedge = ['kind' => 'star', 'count' => 3, 'width' => 60_000, 'height' => 300_000];
        yield 'the point of a form' => [Designs::read(['lines' => [], 'forms' => [[...$form, ...$wedge]]]), []];
        yield 'a neck of an outline' => [Designs::demo('clubhouse-sign'), ['A neck is narrower than 1.0 mm (thinnest about 0.7 mm).']];
        yield 'ends of letters' => [Designs::demo('launch-cap'), [
            'Strokes are thinner than 0.039 in in 9 places (thinnest about 0.032 in) and would tear.',
            '3 necks are narrower than 0.039 in (thinnest about 0.032 in).',
            '2 tails are thinner than 0.039 in to their ends, the longest over 0.194 in.',
            '3 holes are too small to weed.',
        ]];
    }

    /** @param list<string> $messages */
    #[DataProvider('said')]
    public function testWhatIsSaid(Design $design, array $messages): void
    {
        $plan = (new Planner(Letters::typeCase()))->plan($design);
        $losses = (new LossFinder())->all($plan->design, $plan->composition, $plan->separation);
        $snags = \array_merge(...\array_map(static fn (Loss $loss): array => LossSnags::of($plan->design, $loss), $losses));
        self::assertSame($messages, \array_column($snags, 'message'));
        foreach ($snags as $snag) {
            [$x, $y] = [$snag->x ?? \PHP_INT_MAX, $snag->y ?? \PHP_INT_MAX];
            $places = Region::empty()->union(...\array_map(static fn (Loss $loss): Region => $loss->region(), $losses));
            self::assertTrue($places->bounds()?->holds(new Box($x, $y, $x, $y)), 'its pin is where something is lost');
        }
    }

    public function testAMotifIsToldToBeLargerNotToTakeAnotherFont(): void
    {
        $bar = static fn (int $height): array => [
            'lines' => [],
            'forms' => [['id' => 'bar', 'kind' => 'rectangle', 'film' => 'ink', 'width' => 50_000, 'height' => $height, 'across' => 0, 'down' => 90_000]],
        ];
        $finder = new LossFinder();
        $plan = Designs::plan($bar(600));
        $snags = \array_merge(...\array_map(static fn (Loss $loss): array => LossSnags::of($plan->design, $loss), $finder->all(
            $plan->design,
            $plan->composition,
            $plan->separation,
        )));
        self::assertSame(['Make it larger, or choose a film that holds finer detail.'], \array_column($snags, 'cure'));
        $wide = Designs::plan($bar(1_200));
        self::assertSame([], $finder->all($wide->design, $wide->composition, $wide->separation));
    }

    private static function tears(?Loss $loss): bool
    {
        return null !== $loss && !($loss->strokes->isEmpty() && $loss->necks->isEmpty());
    }
}
