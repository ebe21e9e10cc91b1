<?php

declare(strict_types=1);

namespace Uvret\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\PartRole;
use Uvret\Cut\CutSheet;
use Uvret\Design\DesignReader;
use Uvret\Geometry\Affine;
use Uvret\Plan\Plan;
use Uvret\Plan\Planner;
use Uvret\Snags\Snag;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\Letters;
use Uvret\Tests\Support\Remembering;

/** What is remembered from one key press to the next never shows: layers are what they would be without it. */
final class MemoryTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function walks(): iterable
    {
        yield 'four films, an arch, an inset and a shadow' => ['regatta-shirt', 1];
        yield 'outlines and insets' => ['regatta-hoodie', 2];
        yield 'a name cut from a shield' => ['cox-shield', 3];
    }

    #[DataProvider('walks')]
    public function testChangesInARowComeToWhatEachWouldByItself(string $demo, int $seed): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $memory = new Remembering();
        $remembering = new Planner(Letters::typeCase(), $memory);
        $forgetful = new Planner(Letters::typeCase());
        $document = self::complete($demo);
        $steps = [];
        for ($step = 0; $step < 14; ++$step) {
            // Now and then a change is taken back: what was made before it is met again.
            $document = [] !== $steps && 0 === $random->getInt(0, 3) ? $steps[$random->getInt(0, \count($steps) - 1)] : self::changed($document, $random);
            $steps[] = $document;
            $design = (new DesignReader())->fromJson((string) $document);
            self::assertSame(self::told($forgetful->plan($design)), self::told($remembering->plan($design)), "step $step");
        }
        self::assertGreaterThan(4, $memory->recalled);
    }

    public function testACardIsTreatedOnceWhereverItIsDraggedWithWhatBelongsToIt(): void
    {
        $memory = new Remembering();
        $planner = new Planner(Letters::typeCase(), $memory);
        $belongs = ['to' => 'club', 'across' => 4_000, 'down' => 21_000, 'scale' => 100];
        $document = self::complete('regatta-shirt')->with('lines.1.belongs', $belongs);
        self::assertSame(['club', 'regatta'], [$document->string('lines.0.id'), $document->string('lines.1.id')]);
        $shapes = [];
        foreach ([0, 7_000, -31_000] as $shift) {
            $design = (new DesignReader())->fromJson((string) $document->with('lines.0.stacking.shift', $shift));
            $composition = $planner->plan($design)->composition;
            foreach ($composition->parts as $part) {
                if ('club' === $part->card) {
                    $shapes[$part->role->value][] = $part->region->transform(Affine::move(-$shift, 0))->rings();
                }
            }
            $made[] = \array_intersect_key($memory->made, ['cut' => 0, 'grown' => 0, 'offset' => 0, 'shadow' => 0]);
        }
        self::assertGreaterThan(5, \array_sum($made[0]));
        self::assertSame([$made[0], $made[0]], \array_slice($made, 1), 'dragged, nothing is grown or cut again');
        self::assertSame([PartRole::Base->value, PartRole::Outline->value, PartRole::Shadow->value], \array_keys($shapes));
        foreach ($shapes as $role => $rings) {
            self::assertSame([$rings[0], $rings[0]], \array_slice($rings, 1), $role);
        }
    }

    private static function changed(Json $document, \Random\Randomizer $random): Json
    {
        /** @var list<array<string, mixed>> $lines */
        $lines = $document->get('lines');
        $line = 'lines.'.$random->getInt(0, \count($lines) - 1);
        $films = \array_column((array) $document->get('films'), 'id');
        $film = $films[$random->getInt(0, \count($films) - 1)];

        return match ($random->getInt(0, 8)) {
            0 => $document->with(
                "$line.lettering.words",
                \mb_substr($document->string("$line.lettering.words"), 0, 4).['A', 'on', ' x', '!'][$random->getInt(0, 3)],
            ),
            1 => $document->with("$line.lettering.spacing", $random->getInt(-20, 60)),
            2 => $document->with("$line.stacking.shift", $random->getInt(-9_000, 9_000)),
            3 => $document->with("$line.place.turn", $random->getInt(-20, 20)),
            4 => $document->with("$line.treatments.outlines", [['width' => $random->getInt(800, 3_000), 'film' => $film]]),
            5 => $document->with(
                "$line.treatments.shadow",
                ['kind' => ['none', 'block', 'shifted'][$random->getInt(0, 2)], 'film' => $film, 'length' => $random->getInt(1_000, 6_000)],
            ),
            6 => $document->with('layering.usual.width', $random->getInt(300, 1_200)),
            7 => $document->with("$line.film", $film),
            default => $document->with("$line.treatments.outlines", []),
        };
    }

    /** @return array<string, mixed> all that is cut, and what is said of it */
    private static function told(Plan $plan): array
    {
        return [
            'cut' => \array_map(static fn (CutSheet $sheet): array => [$sheet->film->id, $sheet->region->rings()], $plan->cutPlan->sheets),
            'removals' => \count($plan->composition->removals),
            'snags' => \array_map(static fn (Snag $snag): string => $snag->message, $plan->snags),
        ];
    }

    private static function complete(string $demo): Json
    {
        return Json::of(\json_encode(Designs::complete((string) \file_get_contents(Designs::folder()."/$demo.json")), \JSON_THROW_ON_ERROR));
    }
}
