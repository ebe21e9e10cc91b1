<?php

declare(strict_types=1);

namespace Uvret\Compose\Fill;

use Uvret\Design\Fill\Edge;
use Uvret\Design\Fill\EdgeShape;
use Uvret\Design\Fill\Fills;
use Uvret\Geometry\Measure\Envelope;
use Uvret\Geometry\Region;

/** The edges of a form, somewhat inside its outline; an edge that is not taken from it lies straight at its greatest height. */
final readonly class FormBorders implements Borders
{
    /** Where the form is lower than this share of its greatest height, letters would vanish. */
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

    /** Returns null where nothing of the form is left inside. */
    public static function of(Region $form, Fills $fills): ?self
    {
        $envelope = Envelope::of($form->offset(-$fills->inset));
        $x = $envelope->places();
        $bottom = \array_values($envelope->lowest($x));
        $top = \array_values($envelope->highest($x));
        $tallest = 0.0;
        foreach ($top as $at => $high) {
            $tallest = \max($tallest, $high - $bottom[$at]);
        }
        $kept = [[], [], []];
        foreach ($top as $at => $high) {
            if ($high - $bottom[$at] >= self::LEAST * $tallest) {
                $kept[0][] = (float) $x[$at];
                $kept[1][] = $bottom[$at];
                $kept[2][] = $high;
            }
        }
        [$x, $bottom, $top] = $kept;

        return \count($x) < 2 || [] === $bottom || [] === $top ? null : new self($x, $bottom, $top, $fills, \min($bottom), \max($top));
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
