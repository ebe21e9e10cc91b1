<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Design\Film;

/** One closing of the press, the same in each section. */
final readonly class PressStep
{
    /**
     * @param Film|null $film        that is laid on; null where none is
     * @param int       $temperature in °C
     * @param Peel|null $peel        how its carrier is peeled off afterwards
     */
    public function __construct(
        public StepKind $kind,
        public ?Film $film,
        public int $temperature,
        public int $seconds,
        public Pressure $pressure,
        public ?Peel $peel,
    ) {
    }

    /** What is done, in a few words. */
    public function title(string $blank): string
    {
        return match ($this->kind) {
            StepKind::Warm => "Warm the $blank",
            StepKind::Tack => "{$this->film?->name}: tack",
            StepKind::Press => "{$this->film?->name}: press fully",
            StepKind::Cover => 'Press again, covered',
        };
    }

    /** How it is done. */
    public function hint(bool $onMarks): string
    {
        return match ($this->kind) {
            StepKind::Warm => 'takes moisture out',
            StepKind::Tack => ($onMarks ? 'edges on the marks, ' : '')."cover sheet, peel {$this->peel?->value}",
            StepKind::Press => ($onMarks ? 'edges on the marks, ' : '')."peel {$this->peel?->value}",
            StepKind::Cover => 'cover sheet, no carrier',
        };
    }
}
