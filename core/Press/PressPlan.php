<?php

declare(strict_types=1);

namespace Uvret\Press;

/** What is done at the press with one piece: steps, each in every section, and what is measured before. */
final readonly class PressPlan
{
    /**
     * @param list<PressStep> $steps     in order; none where there is nothing to press or no way to
     * @param list<Section>   $sections
     * @param list<Distance>  $distances
     * @param string|null     $problem   why it can't be pressed, and what to change
     * @param list<string>    $notes     why it is as it is
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

    /** Of one piece, with all its sections and the moments between them. */
    public function seconds(int $between = 10): int
    {
        $seconds = 0;
        foreach ($this->steps as $step) {
            $seconds += $step->seconds * (StepKind::Warm === $step->kind ? 1 : \count($this->sections)) + $between;
        }

        return $seconds;
    }
}
