<?php

declare(strict_types=1);

namespace Uvret\Compose\Fill;

use Uvret\Geometry\Curve\Warp;

/**
 * Stretches a straight line's ink between two edges: shares of the width stay, and shares of the ink's height
 * become shares of the height between the edges. Lengths are in µm.
 */
final readonly class Filling implements Warp
{
    private const STEPS = 256;

    /**
     * @param float       $width  of the line's ink; it starts at 0
     * @param float       $bottom of the line's ink
     * @param float       $top    of the line's ink
     * @param Borders     $edges  edges to stretch between
     * @param list<float> $places new positions of even shares of the width; empty if unchanged
     */
    private function __construct(
        private float $width,
        private float $bottom,
        private float $top,
        private Borders $edges,
        private array $places,
    ) {
    }

    public static function between(float $width, float $bottom, float $top, Borders $edges, bool $widen): self
    {
        return new self($width, $bottom, $top, $edges, $widen ? self::places($edges) : []);
    }

    public function at(float $x, float $y): array
    {
        $share = $this->share($x / $this->width);
        $from = $this->edges->bottom($share);
        $to = $this->edges->top($share);

        return [$this->edges->across($share), $from + ($y - $this->bottom) / ($this->top - $this->bottom) * ($to - $from)];
    }

    /** Width of the line between its edges. */
    public function width(): float
    {
        return $this->edges->across(1.0) - $this->edges->across(0.0);
    }

    private function share(float $share): float
    {
        if ([] === $this->places || $share <= 0.0 || $share >= 1.0) {
            return $share;
        }
        $step = (int) ($share * self::STEPS);

        return $this->places[$step] + ($share * self::STEPS - $step) * ($this->places[$step + 1] - $this->places[$step]);
    }

    /**
     * Widths in proportion to the heights: a share of the letters takes a share of the area between the edges.
     *
     * @return list<float>
     */
    private static function places(Borders $edges): array
    {
        // The x with the same share of the area as the share of the width.
        $fine = 4 * self::STEPS;
        $sums = [0.0];
        for ($step = 0; $step < $fine; ++$step) {
            $middle = ($step + 0.5) / $fine;
            // Width of a letter by its height, with a minimum so that none becomes a point.
            $height = \max($edges->top($middle) - $edges->bottom($middle), 1.0);
            $sums[] = $sums[$step] + 1 / $height;
        }
        // dx is proportional to the height at x, so dt = dx ∕ height.
        $places = [];
        $at = 0;
        for ($step = 0; $step <= self::STEPS; ++$step) {
            $goal = $sums[$fine] * $step / self::STEPS;
            while ($at < $fine - 1 && $sums[$at + 1] < $goal) {
                ++$at;
            }
            $places[] = ($at + ($goal - $sums[$at]) / ($sums[$at + 1] - $sums[$at])) / $fine;
        }

        return $places;
    }
}
