<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Design\Film;

/** How one piece is pressed: steps, repeated in every section, and the distances to measure first. */
final readonly class PressPlan
{
    /** Estimated time of a step by hand, in seconds. */
    private const BY_HAND = 40;

    /**
     * @param list<PressStep> $steps     in order; empty if there is nothing to press, or no way to
     * @param list<Section>   $sections  empty if nothing is heated
     * @param list<Distance>  $distances
     * @param string|null     $problem   why it can't be pressed, and what to change
     * @param list<string>    $notes     explanations and reminders
     */
    public function __construct(
        public Platen $platen,
        public array $steps,
        public array $sections,
        public array $distances,
        public ?string $problem,
        public array $notes,
    ) {
    }

    public static function ofNothing(Platen $platen): self
    {
        return new self($platen, [], [], [], null, []);
    }

    /** Repetitions of a step: once, or once per section. */
    public function times(PressStep $step): int
    {
        return $step->kind->isInSections() ? \max(1, \count($this->sections)) : 1;
    }

    /** Total time for one piece, with all sections and the moments between them. */
    public function seconds(int $between = 10): int
    {
        $seconds = 0;
        foreach ($this->steps as $step) {
            $seconds += null === $step->temperature ? self::BY_HAND : $step->seconds + ($this->times($step) - 1) * $step->later + $between;
        }

        return $seconds;
    }

    /** Number of times a film is heated, from the step that lays it on. */
    public function heats(Film $film): int
    {
        $heats = 0;
        foreach ($this->steps as $step) {
            $heats += null !== $step->temperature && ($heats > 0 || \in_array($film, $step->films, false)) ? 1 : 0;
        }

        return $heats;
    }
}
