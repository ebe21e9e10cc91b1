<?php

declare(strict_types=1);

namespace Uvret\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Memory;
use Uvret\Cut\CutSheet;
use Uvret\Design\DesignReader;
use Uvret\Plan\Plan;
use Uvret\Plan\Planner;
use Uvret\Snags\Snag;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\Letters;

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
        $memory = new class implements Memory {
            /** @var array<string, string> */
            private array $known = [];

            public int $recalled = 0;

            public function recall(string $key, callable $make): mixed
            {
                if (isset($this->known[$key])) {
                    ++$this->recalled;

                    return \unserialize($this->known[$key]);
                }
                $made = $make();
                $this->known[$key] = \serialize($made);

                return $made;
            }
        };
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
