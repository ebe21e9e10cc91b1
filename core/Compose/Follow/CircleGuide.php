<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

/**
 * Along a circle: clockwise with the tops outwards, or anticlockwise with the tops inwards.
 *
 * A point at x and y lies at the angle x ∕ (radius ± measured height) from the aligned point and at the radius ± its
 * height above the path.
 */
final readonly class CircleGuide implements Guide
{
    /** Smallest measuring radius, as a share of the radius. */
    private const NEAREST = 0.1;

    private float $angle;

    /**
     * @param float $x      the centre
     * @param float $radius of the path
     * @param bool  $inside whether the tops point inwards
     * @param float $turn   how far the aligned point lies clockwise from the top, or from the bottom where the tops
     *                      point inwards; in degrees
     * @param float $span   how much of the circle a line may take, in degrees
     */
    public function __construct(
        private float $x,
        private float $y,
        private float $radius,
        private bool $inside,
        private PathOffsets $offsets,
        float $turn,
        private float $span,
    ) {
        $this->angle = \deg2rad($turn);
    }

    public function at(float $x, float $y): array
    {
        $height = $y + $this->offsets->baseline;
        // From the path's middle, because on a flat arc the centre is far away.
        if ($this->inside) {
            $angle = $x / $this->measuredRadius() - $this->angle;
            $sin = \sin($angle / 2);

            return [$this->x + ($this->radius - $height) * \sin($angle), $this->y - $this->radius + 2 * $this->radius * $sin * $sin + $height * \cos($angle)];
        }
        $angle = $x / $this->measuredRadius() + $this->angle;
        $sin = \sin($angle / 2);

        return [$this->x + ($this->radius + $height) * \sin($angle), $this->y + $this->radius - 2 * $this->radius * $sin * $sin + $height * \cos($angle)];
    }

    public function point(float $x): array
    {
        return $this->at($x, -$this->offsets->baseline);
    }

    public function heading(float $x): float
    {
        $angle = $x / $this->measuredRadius();

        return \rad2deg($this->inside ? $angle - $this->angle : -$angle - $this->angle);
    }

    public function room(): float
    {
        return $this->measuredRadius() * \deg2rad($this->span);
    }

    public function reach(float $from, float $to, int $side): float
    {
        $inwards = $this->inside === ($side > 0);

        return $inwards ? $this->radius - $side * $this->offsets->baseline : \INF;
    }

    public function trace(float $from, float $to): array
    {
        $points = [];
        $more = $this->measuredRadius() * \M_PI;
        $from = \max($from, -$more);
        $to = \min($to, $more);
        $steps = (int) \max(8, \ceil(($to - $from) / $this->measuredRadius() * 40));
        for ($step = 0; $step <= $steps; ++$step) {
            $points[] = $this->point($from + ($to - $from) * $step / $steps);
        }

        return $points;
    }

    public function circle(): array
    {
        return [$this->x, $this->y, $this->radius];
    }

    public function measuredRadius(): float
    {
        // Measured too near the centre, a line would wind around it endlessly.
        return \max(self::NEAREST * $this->radius, $this->radius + ($this->inside ? -$this->offsets->measured : $this->offsets->measured));
    }
}
