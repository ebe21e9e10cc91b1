<?php

declare(strict_types=1);

namespace Uvret\Compose\Fill;

use Uvret\Design\Fill\Edge;
use Uvret\Design\Fill\EdgeShape;
use Uvret\Design\Fill\Fills;
use Uvret\Geometry\Measure\Envelope;
use Uvret\Geometry\Region;

/** The edges of a form, inset from its outline; an edge not taken from the form is straight at its extreme height. */
final readonly class FormBorders implements Borders
{
    /** Letters would vanish where the form is lower than this share of its greatest height. */
    private const LEAST = 0.22;

    /**
     * @param list<float> $x      rising
     * @param list<float> $bottom of the form at each x
     * @param list<float> $top
     */
    private function __construct(
        private array $x,
        private array $bottom,
        private array $top,
        private Fills $fills,
        private float $lowest,
        private float $highest,
    ) {
    }

    /** Returns null if nothing of the form is left inside. */
    public static function of(Region $form, Fills $fills): ?self
    {
        $envelope = Envelope::of(self::room($form)->offset(-$fills->inset));
        $x = $envelope->places();
        if ([] === $x) {
            return null;
        }
        $bottom = \array_values($envelope->lowest($x));
        $top = \array_values($envelope->highest($x));
        $kept = self::stretch($x, $bottom, $top, $envelope->crossings($x));
        $across = $low = $high = [];
        foreach ($kept as $at) {
            [$across[], $low[], $high[]] = [(float) $x[$at], $bottom[$at], $top[$at]];
        }

        return \count($across) < 2 || [] === $low || [] === $high ? null : new self($across, $low, $high, $fills, \min($low), \max($high));
    }

    /** The region to fill: the inside of a ring, or the form itself. */
    private static function room(Region $form): Region
    {
        $largest = null;
        foreach ($form->holes() as $hole) {
            $largest = null === $largest || $hole->area() > $largest->area() ? $hole : $largest;
        }

        return $largest ?? $form;
    }

    /**
     * The widest stretch that is tall enough without a notch between the edges; if that is too short,
     * all of the form that is tall enough.
     *
     * @param list<int>   $x
     * @param list<float> $bottom
     * @param list<float> $top
     * @param list<int>   $crossings
     *
     * @return list<int> indices of the places
     */
    private static function stretch(array $x, array $bottom, array $top, array $crossings): array
    {
        $heights = \array_map(static fn (float $high, float $low): float => $high - $low, $top, $bottom);
        $least = self::LEAST * \max(0.0, ...$heights);
        $tall = \array_keys(\array_filter($heights, static fn (float $height): bool => $height >= $least));
        $best = $run = [];
        foreach ($tall as $at) {
            $continues = [] !== $run && $run[\count($run) - 1] === $at - 1 && 2 === $crossings[$at - 1];
            $run = $continues ? [...$run, $at] : [$at];
            if ([] === $best || $x[$at] - $x[$run[0]] > $x[$best[\count($best) - 1]] - $x[$best[0]]) {
                $best = $run;
            }
        }

        return [] !== $best && $x[$best[\count($best) - 1]] - $x[$best[0]] > 0.3 * ($x[\count($x) - 1] - $x[0]) ? $best : $tall;
    }

    public function width(): float
    {
        return $this->x[\count($this->x) - 1] - $this->x[0];
    }

    public function top(float $share): float
    {
        return $this->edge($this->fills->top, $this->top, $share, $this->highest);
    }

    public function bottom(float $share): float
    {
        return $this->edge($this->fills->bottom, $this->bottom, $share, $this->lowest);
    }

    public function across(float $share): float
    {
        return $this->x[0] + $share * $this->width();
    }

    /** @param list<float> $heights */
    private function edge(Edge $edge, array $heights, float $share, float $straight): float
    {
        if (EdgeShape::Form !== $edge->shape) {
            return $straight + $edge->at($share);
        }
        $x = $this->across($share);
        $low = 0;
        $high = \count($this->x) - 1;
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            if ($this->x[$middle] <= $x) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        $t = ($x - $this->x[$low]) / ($this->x[$high] - $this->x[$low]);

        return $heights[$low] + $t * ($heights[$high] - $heights[$low]) + $edge->left + ($edge->right - $edge->left) * $share;
    }
}
