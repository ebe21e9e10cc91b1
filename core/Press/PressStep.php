<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Design\Film;
use Uvret\Design\Layering\MarkKind;
use Uvret\Design\Peel;
use Uvret\Design\Pressure;

/** One press, repeated in each section, or one step by hand. */
final readonly class PressStep
{
    /**
     * @param list<Film>    $films       films laid on
     * @param int|null      $temperature in °C; null without heat
     * @param int           $seconds     0 for steps by hand
     * @param int           $later       seconds in further sections
     * @param Pressure|null $pressure    null without pressing
     * @param Peel|null     $peel        how carriers are peeled afterwards
     * @param Film|null     $on          film to register on; null for the first
     */
    private function __construct(
        public StepKind $kind,
        public array $films,
        public ?int $temperature,
        public int $seconds,
        public int $later,
        public ?Pressure $pressure,
        public ?Peel $peel = null,
        public ?Film $on = null,
    ) {
    }

    public static function warm(int $temperature, int $seconds): self
    {
        return new self(StepKind::Warm, [], $temperature, $seconds, $seconds, Pressure::Light);
    }

    /** @param non-empty-list<Film> $films */
    public static function tack(array $films, int $temperature, int $seconds, int $later, Pressure $pressure, Peel $peel, ?Film $on): self
    {
        return new self(StepKind::Tack, $films, $temperature, $seconds, $later, $pressure, $peel, $on);
    }

    /** @param non-empty-list<Film> $films */
    public static function press(array $films, int $temperature, int $seconds, Pressure $pressure, Peel $peel, ?Film $on): self
    {
        return new self(StepKind::Press, $films, $temperature, $seconds, $seconds, $pressure, $peel, $on);
    }

    public static function cover(int $temperature, int $seconds, int $later, Pressure $pressure): self
    {
        return new self(StepKind::Cover, [], $temperature, $seconds, $later, $pressure);
    }

    public static function clean(): self
    {
        return new self(StepKind::Clean, [], null, 0, 0, null);
    }

    public static function tape(Film $film): self
    {
        return new self(StepKind::Tape, [$film], null, 0, 0, null);
    }

    public static function apply(Film $film, ?Film $on): self
    {
        return new self(StepKind::Apply, [$film], null, 0, 0, null, null, $on);
    }

    /** Short title. */
    public function title(string $blank): string
    {
        $films = \implode(' and ', \array_map(static fn (Film $film): string => $film->name, $this->films));

        return match ($this->kind) {
            StepKind::Warm => "Warm the $blank",
            StepKind::Tack => "$films: tack",
            StepKind::Press => "$films: press fully",
            StepKind::Cover => 'Press again, covered',
            StepKind::Clean => "Clean the $blank",
            StepKind::Tape => "$films: transfer tape over it",
            StepKind::Apply => "$films: lay on",
        };
    }

    /** Instructions. */
    public function hint(MarkKind $marks): string
    {
        $laid = $this->laid($marks);

        return match ($this->kind) {
            StepKind::Warm => 'takes moisture out',
            StepKind::Tack => "{$laid}cover sheet, peel {$this->peel?->value}",
            StepKind::Press => "{$laid}peel {$this->peel?->value}",
            StepKind::Cover => 'cover sheet, no carrier',
            StepKind::Clean => 'no grease, no dust, dry',
            StepKind::Tape => 'rub it down, then pull the backing off flat',
            StepKind::Apply => "{$laid}rub from the middle out, pull the tape off flat",
        };
    }

    /** Registration instructions. */
    private function laid(MarkKind $marks): string
    {
        $by = match ($marks) {
            MarkKind::None => null,
            MarkKind::Box => 'edges',
            MarkKind::Corners => 'corner marks',
            MarkKind::Pins => 'three dots',
        };

        return match (true) {
            null === $by => '',
            null === $this->on => 'by the distances, ',
            default => "$by on those of {$this->on->name}, ",
        };
    }
}
