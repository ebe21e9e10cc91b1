<?php

declare(strict_types=1);

namespace Uvret\Tests\Press;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Uvret\Design\Film;
use Uvret\Design\FilmPress;
use Uvret\Design\Layering\MarkKind;
use Uvret\Design\Peel;
use Uvret\Design\Pressure;
use Uvret\Design\UsualRack;
use Uvret\Plan\Plan;
use Uvret\Press\Platen;
use Uvret\Press\Presses;
use Uvret\Press\PressKind;
use Uvret\Press\PressPlan;
use Uvret\Press\PressPlanner;
use Uvret\Press\PressStep;
use Uvret\Press\StepKind;
use Uvret\Tests\Support\Designs;

final class PressPlannerTest extends TestCase
{
    private const SUNUP = ['id' => 'sunup', 'name' => 'Sun-up', 'colour' => '#F5C242'] + Designs::FILM;

    public function testLowerFilmsAreTackedAndTheLastOnePressedFully(): void
    {
        $plan = self::plan(['ink' => new FilmPress(150, 12), 'sunup' => new FilmPress(155, 14, Pressure::Firm, Peel::Cold)]);
        self::assertNull($plan->problem);
        self::assertSame(['warm', 'tack', 'press', 'cover'], self::kinds($plan));
        [$warm, $tack, $press, $cover] = $plan->steps;
        self::assertSame([150, 3, Pressure::Light, null], [$warm->temperature, $warm->seconds, $warm->pressure, $warm->peel]);
        self::assertStringNotContainsString('by itself', \implode(' ', $plan->notes));
        self::assertSame([['ink'], 150, 3, Peel::Warm], [self::ids($tack), $tack->temperature, $tack->seconds, $tack->peel]);
        self::assertSame([['sunup'], 155, 14], [self::ids($press), $press->temperature, $press->seconds]);
        self::assertSame([Pressure::Firm, Peel::Cold], [$press->pressure, $press->peel]);
        self::assertSame([155, 5, null], [$cover->temperature, $cover->seconds, $cover->peel]);
        self::assertSame(3 + 3 + 14 + 5 + 4 * 10, $plan->seconds());
        self::assertSame([3, 2], \array_map($plan->heats(...), [$tack->films[0], $press->films[0]]));
        self::assertContains('Harbour ink is tacked first because Sun-up is pressed over it.', $plan->notes);
        self::assertContains('Harbour ink 150 °C, Sun-up 155 °C on their own.', $plan->notes);
    }

    public function testItSaysWhatIsLaidOnWhatByWhichMarks(): void
    {
        [, $tack, $press] = self::plan([])->steps;
        self::assertNull($tack->on);
        self::assertSame('ink', $press->on?->id);
        self::assertSame('by the distances, cover sheet, peel warm', $tack->hint(MarkKind::Corners));
        self::assertSame('corner marks on those of Harbour ink, peel warm', $press->hint(MarkKind::Corners));
        self::assertSame('three dots on those of Harbour ink, peel warm', $press->hint(MarkKind::Pins));
        self::assertSame('edges on those of Harbour ink, peel warm', $press->hint(MarkKind::Box));
        self::assertSame('peel warm', $press->hint(MarkKind::None));
        self::assertContains('Both films are pressed at 150 °C.', self::plan([])->notes);
    }

    /** @return iterable<string, array{int, int, int, int|null, int|null}> temperatures of the films, what the fabric takes; that of the last press and its time */
    public static function heats(): iterable
    {
        yield 'alike' => [150, 150, 190, 150, 12];
        yield 'the fabric takes a little less' => [150, 150, 145, 145, 18];
        yield 'the fabric takes just enough' => [150, 150, 140, 140, 18];
        yield 'the fabric takes too little' => [150, 150, 139, null, null];
        yield 'the film beneath takes a little less' => [140, 155, 190, 150, 18];
        yield 'the film beneath takes just enough' => [140, 160, 190, 150, 18];
        yield 'the film beneath takes too little' => [140, 161, 190, null, null];
        yield 'the film beneath is pressed hotter' => [160, 150, 190, 150, 18];
        yield 'the film beneath needs far more, and is pressed first' => [175, 150, 190, 175, 12];
    }

    #[DataProvider('heats')]
    public function testNothingIsHotterThanFabricAndFilmsTake(int $lower, int $upper, int $highest, ?int $temperature, ?int $seconds): void
    {
        $plan = self::plan(['ink' => new FilmPress($lower), 'sunup' => new FilmPress($upper)], ['blank.fabric.highest' => $highest]);
        if (null === $temperature) {
            self::assertSame([], $plan->steps);
            self::assertSame([], $plan->notes);
            self::assertMatchesRegularExpression('/needs 1\d\d °C and .* takes 1\d\d °C.*Choose/', (string) $plan->problem);

            return;
        }
        self::assertNull($plan->problem);
        foreach ($plan->steps as $step) {
            self::assertLessThanOrEqual($highest, $step->temperature);
        }
        $press = self::pressings($plan)[0];
        self::assertSame([$temperature, $seconds], [$press->temperature, $press->seconds]);
    }

    public function testWhatMustComeLastIsNotPressedAgain(): void
    {
        $plan = self::plan([], ['films.1.finish' => 'puff']);
        self::assertSame(StepKind::Press, $plan->steps[\count($plan->steps) - 1]->kind);
        self::assertStringContainsString('would flatten it', \implode(' ', $plan->notes));
        $glitter = self::plan([], ['films.1.finish' => 'glitter']);
        self::assertSame([160, 15, Pressure::Firm], [$glitter->steps[2]->temperature, $glitter->steps[2]->seconds, $glitter->steps[2]->pressure]);
    }

    public function testAFabricThatShowsMarksIsPressedLessHard(): void
    {
        $plan = self::plan([], ['films.1.finish' => 'glitter', 'blank.fabric.marks' => true]);
        self::assertSame([Pressure::Medium, 23], [$plan->steps[2]->pressure, $plan->steps[2]->seconds]);
        self::assertStringContainsString('shows marks of the press', \implode(' ', $plan->notes));
        self::assertStringContainsString('lighter than Sun-up alone', \implode(' ', $plan->notes));
    }

    public function testWhatLiesSideBySideAndIsPressedAlikeIsLaidOnTogether(): void
    {
        $plan = self::beside([]);
        self::assertSame(['warm', 'press', 'cover'], self::kinds($plan));
        self::assertSame(['ink', 'sunup'], self::ids($plan->steps[1]));
        self::assertSame('Harbour ink and Sun-up: press fully', $plan->steps[1]->title('bag'));
        // With other settings, or carriers that reach over one another, each has its own step.
        self::assertSame(['warm', 'tack', 'press', 'cover'], self::kinds(self::beside(['sunup' => new FilmPress(150, 14)])));
        self::assertSame(['warm', 'tack', 'press', 'cover'], self::kinds(self::beside([], 50_000)));
    }

    public function testFilmsThatDoNotStandOneAnothersHeatArePressedApartTheHottestFirst(): void
    {
        $plan = self::beside(['ink' => new FilmPress(130, 10), 'sunup' => new FilmPress(160, 15)]);
        self::assertNull($plan->problem);
        self::assertSame([['sunup'], ['ink']], \array_map(self::ids(...), self::pressings($plan)));
        $heats = \array_map(static fn (PressStep $step): array => [$step->temperature, $step->seconds], self::pressings($plan));
        self::assertSame([[160, 15], [130, 10]], $heats);
        self::assertSame(130, $plan->steps[\count($plan->steps) - 1]->temperature, 'covered no hotter than the coolest stands');
        self::assertStringContainsString('pressed separately', \implode(' ', $plan->notes));
    }

    public function testOnSomethingHardNothingIsHeated(): void
    {
        $glass = ['blank.drawing' => 'board', 'blank.fabric.surface' => 'hard'];
        $plan = self::plan([], $glass + ['films.0.applied' => 'cold', 'films.1.applied' => 'cold']);
        self::assertSame(['clean', 'tape', 'apply', 'tape', 'apply'], self::kinds($plan));
        self::assertSame([null, null, null, null, null], \array_column($plan->steps, 'temperature'));
        self::assertSame([], $plan->sections);
        self::assertSame(200, $plan->seconds());
        self::assertSame('ink', $plan->steps[4]->on?->id);
        self::assertSame(['No heat: the films are self-adhesive.'], $plan->notes);
        self::assertStringContainsString('is hard: nothing can be pressed on it', (string) self::plan([], $glass + ['films.0.applied' => 'cold'])->problem);
        self::assertStringContainsString('does not hold on Canvas', (string) self::plan([], ['films.0.applied' => 'cold'])->problem);
    }

    public function testInSectionsTheSecondHeatOfOverlapsIsShorter(): void
    {
        $small = new PressPlanner(presses: Presses::of(20_000, new Platen('small', 120_000, 120_000, PressKind::Small, 'small')));
        $plan = $small->plan(self::design([]));
        self::assertCount(2, $plan->sections);
        self::assertSame([[3, 3], [3, 2], [12, 12], [5, 3]], \array_map(static fn (PressStep $step): array => [$step->seconds, $step->later], $plan->steps));
        self::assertSame(3 + 10 + 5 + 10 + 24 + 10 + 8 + 10, $plan->seconds());
        self::assertSame(1, $plan->times($plan->steps[0]));
        self::assertStringContainsString('shorter the second time', \implode(' ', $plan->notes));
    }

    public function testTheShopsPressesAreUsedByWhatTheySuit(): void
    {
        $presses = Presses::of(
            10_000,
            new Platen('flat press', 400_000, 500_000, PressKind::Flat, 'a'),
            new Platen('hand iron', 100_000, 150_000, PressKind::Iron, 'b'),
        );
        self::assertSame(['a', 'b', 'b', 'a', 'a'], \array_map(
            static fn (string $drawing): string => $presses->for($drawing)->id,
            ['tee-front', 'hat-brim', 'cap', 'sleeve', 'board'],
        ));
        self::assertSame('b', $presses->for('tee-front', 'b')->id);
        self::assertSame('a', $presses->for('tee-front', 'gone')->id);
        self::assertSame(['flat', 'cap', 'small', 'sleeve'], \array_map(
            static fn (string $drawing): string => Presses::usual()->for($drawing)->id,
            ['tote', 'cap', 'brimmed-hat', 'sleeve'],
        ));
        $ironed = (new PressPlanner(presses: $presses))->plan(self::design([]), 'b');
        self::assertSame('hand iron', $ironed->platen->name);
        self::assertGreaterThan(1, \count($ironed->sections));
    }

    public function testCrossedSeamsAndCordsAreLookedAfter(): void
    {
        $seam = ['id' => 'seam', 'kind' => 'seam', 'name' => 'middle seam', 'points' => [0, 0, 0, 400_000], 'closed' => false, 'distance' => 0];
        $crossed = \implode(' ', self::plan([], ['blank.keepOff' => [$seam], 'blank.crossed' => ['seam']])->notes);
        self::assertStringContainsString('Lettering crosses the middle seam: lay a pad beneath', $crossed);
        self::assertStringNotContainsString('pad beneath', \implode(' ', self::plan([], ['blank.keepOff' => [$seam]])->notes));
        self::assertContains('Lay the cords aside first.', self::plan([], ['blank.drawing' => 'hoodie-front'])->notes);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (\range(1, 15) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testTheOrderRespectsTheStackAndNoStepIsHotterThanAnythingStands(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $films = $forms = $presses = [];
        foreach (\range(0, 4) as $at) {
            $films["films.$at"] = ['id' => "film-$at", 'name' => "Film $at", 'colour' => "#{$at}2143A"] + Designs::FILM;
            $presses["film-$at"] = new FilmPress($dice->getInt(13, 17) * 10, $dice->getInt(8, 15));
            $forms[] = [
                'id' => "form-$at", 'kind' => 'rectangle', 'film' => "film-$at", 'depth' => $at,
                'width' => $dice->getInt(20, 90) * 1_000, 'height' => $dice->getInt(20, 90) * 1_000,
                'across' => $dice->getInt(-80, 80) * 1_000, 'down' => $dice->getInt(50, 190) * 1_000,
            ];
        }
        $highest = $dice->getInt(15, 19) * 10;
        $design = Designs::plan(['lines' => [], 'forms' => $forms, 'blank.fabric.highest' => $highest] + $films);
        $plan = (new PressPlanner(new UsualRack([], $presses)))->plan($design);
        if (null !== $plan->problem) {
            self::assertMatchesRegularExpression('/needs \d+ °C and .* takes \d+ °C/', $plan->problem);

            return;
        }
        $at = $on = [];
        foreach ($plan->steps as $number => $step) {
            foreach ($step->films as $film) {
                $at[$film->id] = $number;
                $on[] = $film;
                self::assertGreaterThanOrEqual($presses[$film->id]->least(), $step->temperature);
            }
            self::assertLessThanOrEqual($highest, $step->temperature);
            foreach ($on as $film) {
                self::assertLessThanOrEqual($presses[$film->id]->most(), $step->temperature, "$film->name in step $number");
            }
        }
        $layers = $design->separation->layers;
        self::assertCount(\count($layers), $at, 'each film is laid on once');
        foreach ($layers as $lower => $layer) {
            foreach (\array_slice($layers, $lower + 1) as $upper) {
                if ($layer->region->overlaps($upper->region)) {
                    self::assertLessThan($at[$upper->film->id], $at[$layer->film->id], "{$upper->film->name} lies on {$layer->film->name}");
                }
            }
        }
    }

    public function testNothingIsPressedOfNothing(): void
    {
        $plan = (new PressPlanner())->plan(Designs::plan(['lines' => []]));
        self::assertSame([[], [], [], 0], [$plan->steps, $plan->sections, $plan->distances, $plan->seconds()]);
    }

    /**
     * @param array<string, FilmPress> $presses
     * @param array<string, mixed>     $more
     */
    private static function plan(array $presses, array $more = []): PressPlan
    {
        return (new PressPlanner(new UsualRack([], $presses)))->plan(self::design($more));
    }

    /** @param array<string, mixed> $more */
    private static function design(array $more): Plan
    {
        return Designs::plan([
            'lines.0.words' => 'ROW',
            'films.1' => self::SUNUP,
            'lines.0.film' => 'sunup',
            'lines.0.treatments' => ['outlines' => [['width' => 3_000, 'film' => 'ink']]],
        ] + $more);
    }

    /**
     * Two squares of 40 mm in two films, their middles so far from the middle.
     *
     * @param array<string, FilmPress> $presses
     * @param array<string, mixed>     $more
     */
    private static function beside(array $presses, int $away = 80_000, array $more = []): PressPlan
    {
        $square = ['kind' => 'rectangle', 'width' => 40_000, 'height' => 40_000, 'down' => 100_000];

        return (new PressPlanner(new UsualRack([], $presses)))->plan(Designs::plan([
            'lines' => [],
            'films.1' => self::SUNUP,
            'forms' => [
                ['id' => 'one', 'film' => 'ink', 'across' => -25_000] + $square,
                ['id' => 'two', 'film' => 'sunup', 'across' => $away - 25_000] + $square,
            ],
        ] + $more));
    }

    /** @return list<string> */
    private static function kinds(PressPlan $plan): array
    {
        return \array_map(static fn (PressStep $step): string => $step->kind->value, $plan->steps);
    }

    /** @return list<PressStep> */
    private static function pressings(PressPlan $plan): array
    {
        return \array_values(\array_filter($plan->steps, static fn (PressStep $step): bool => StepKind::Press === $step->kind));
    }

    /** @return list<string> */
    private static function ids(PressStep $step): array
    {
        return \array_map(static fn (Film $film): string => $film->id, $step->films);
    }
}
