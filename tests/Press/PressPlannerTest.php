<?php

declare(strict_types=1);

namespace Uvret\Tests\Press;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Press\FilmPress;
use Uvret\Press\Peel;
use Uvret\Press\PressPlan;
use Uvret\Press\PressPlanner;
use Uvret\Press\PressStep;
use Uvret\Press\Pressure;
use Uvret\Press\StepKind;
use Uvret\Tests\Support\Designs;

final class PressPlannerTest extends TestCase
{
    public function testLowerFilmsAreTackedAndTheLastOnePressedFully(): void
    {
        $plan = self::plan(['ink' => new FilmPress(150, 12), 'sunup' => new FilmPress(155, 14, Pressure::Firm, Peel::Cold)]);
        self::assertNull($plan->problem);
        self::assertSame(['warm', 'tack', 'press', 'cover'], \array_map(static fn (PressStep $step): string => $step->kind->value, $plan->steps));
        [$warm, $tack, $press, $cover] = $plan->steps;
        self::assertSame([3, Pressure::Light, null], [$warm->seconds, $warm->pressure, $warm->peel]);
        self::assertSame(['ink', 150, 3, Peel::Warm], [$tack->film?->id, $tack->temperature, $tack->seconds, $tack->peel]);
        self::assertSame(['sunup', 155, 14], [$press->film?->id, $press->temperature, $press->seconds]);
        self::assertSame([Pressure::Firm, Peel::Cold], [$press->pressure, $press->peel]);
        self::assertSame([155, 5, null], [$cover->temperature, $cover->seconds, $cover->peel]);
        self::assertSame(3 + 3 + 14 + 5 + 4 * 10, $plan->seconds());
        self::assertContains('Harbour ink is tacked first because Sun-up is pressed over it.', $plan->notes);
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
        yield 'the film beneath needs far more' => [175, 150, 190, 150, 18];
    }

    #[DataProvider('heats')]
    public function testNothingIsHotterThanFabricAndFilmsTake(int $lower, int $upper, int $highest, ?int $temperature, ?int $seconds): void
    {
        $plan = self::plan(['ink' => new FilmPress($lower), 'sunup' => new FilmPress($upper)], ['blank.fabric.highest' => $highest]);
        if (null === $temperature) {
            self::assertSame([], $plan->steps);
            self::assertMatchesRegularExpression('/needs 1\d\d °C and .* takes 1\d\d °C.*Choose/', (string) $plan->problem);

            return;
        }
        self::assertNull($plan->problem);
        foreach ($plan->steps as $step) {
            self::assertLessThanOrEqual($highest, $step->temperature);
        }
        $press = \array_values(\array_filter($plan->steps, static fn (PressStep $step): bool => StepKind::Press === $step->kind))[0];
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

    public function testNothingIsPressedOfNothing(): void
    {
        $plan = (new PressPlanner())->plan(Designs::plan(['lines' => []]), []);
        self::assertSame([[], [], [], 0], [$plan->steps, $plan->sections, $plan->distances, $plan->seconds()]);
    }

    /**
     * @param array<string, FilmPress> $presses
     * @param array<string, mixed>     $more
     */
    private static function plan(array $presses, array $more = []): PressPlan
    {
        return (new PressPlanner())->plan(Designs::plan([
            'lines.0.words' => 'ROW',
            'films.1' => ['id' => 'sunup', 'name' => 'Sun-up', 'colour' => '#F5C242'] + Designs::FILM,
            'lines.0.film' => 'sunup',
            'lines.0.treatments' => ['outlines' => [['width' => 3_000, 'film' => 'ink']]],
        ] + $more), $presses);
    }
}
