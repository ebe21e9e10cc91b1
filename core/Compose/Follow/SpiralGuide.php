<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

/**
 * Along a spiral with even pitch (Archimedes'), clockwise with the tops outwards.
 *
 * With the radius r = inner + a · θ, a being the pitch by 2π, the path is as long as ½ · (r · √(r² + a²) ∕ a + a · asinh(r ∕ a))
 * says, and at a height h above it longer by h times the angle that it has turned by, which is θ − atan(a ∕ r). The
 * angles to many lengths are found by Newton's method, those between them by cubics with the same slopes (Hermite's).
 */
final readonly class SpiralGuide implements Guide
{
    private const STEPS = 2048;

    private float $a;

    private float $outerAngle;

    private float $startLength;

    /** Spacing of the tabulated lengths. */
    private float $step;

    /** @var list<float> */
    private array $angles;

    /** @var list<float> how the angle changes over a step there */
    private array $slopes;

    /**
     * @param float $x          the centre
     * @param float $inner      the path's radius at its inner end
     * @param float $pitch      from turn to turn
     * @param float $length     of the line
     * @param bool  $fromInside whether the text starts at the inside
     * @param float $turn       start, in degrees clockwise from the top
     */
    public function __construct(
        private float $x,
        private float $y,
        private float $inner,
        float $pitch,
        private float $length,
        private bool $fromInside,
        private PathOffsets $offsets,
        private float $turn,
    ) {
        $this->a = $pitch / (2 * \M_PI);
        $this->startLength = $this->lengthAt(0.0);
        $this->outerAngle = $this->angleAt($length, 0.0);
        $this->step = $length / self::STEPS;
        $angles = $slopes = [];
        for ($step = 0; $step <= self::STEPS; ++$step) {
            $angles[] = $this->angleAt($step * $this->step, $angles[$step - 1] ?? 0.0);
            $slopes[] = $this->step / $this->lengthening($angles[$step]);
        }
        [$this->angles, $this->slopes] = [$angles, $slopes];
    }

    public function turns(): float
    {
        return $this->outerAngle / (2 * \M_PI);
    }

    public function at(float $x, float $y): array
    {
        [$angle, $radius, $lean] = $this->place($x);
        $height = $y + $this->offsets->baseline;
        // Outwards, inclined like the path.
        $normal = $angle + $lean;

        return [$this->x + $radius * \sin($angle) + $height * \sin($normal), $this->y + $radius * \cos($angle) + $height * \cos($normal)];
    }

    public function point(float $x): array
    {
        return $this->at($x, -$this->offsets->baseline);
    }

    public function heading(float $x): float
    {
        [$angle, , $lean] = $this->place($x);

        return -\rad2deg($angle + $lean);
    }

    public function room(): float
    {
        return \INF;
    }

    public function reach(float $from, float $to, int $side): float
    {
        return $side > 0 ? \INF : $this->inner + $this->offsets->baseline;
    }

    public function trace(float $from, float $to): array
    {
        $points = [];
        $steps = (int) \max(16, \ceil($this->turns() * 72));
        for ($step = 0; $step <= $steps; ++$step) {
            $points[] = $this->point($this->length * $step / $steps);
        }

        return $points;
    }

    public function circle(): array
    {
        return [$this->x, $this->y, $this->inner];
    }

    /**
     * Polar position of a place along the line.
     *
     * @return array{float, float, float} the angle clockwise from the top, the radius, and how much farther clockwise than the
     *                                    radius the normal points
     */
    private function place(float $x): array
    {
        $angle = $this->angle($this->fromInside ? $x : $this->length - $x);
        $radius = $this->inner + $this->a * $angle;
        $lean = \atan2($this->a, \max($radius, 1.0));

        // Clockwise from inside out, the path leads away from the centre, so its normal stays behind; and the other way round.
        return $this->fromInside ? [$angle + \deg2rad($this->turn), $radius, -$lean] : [$this->outerAngle - $angle + \deg2rad($this->turn), $radius, $lean];
    }

    private function lengthAt(float $angle): float
    {
        $radius = $this->inner + $this->a * $angle;
        $root = \sqrt($radius * $radius + $this->a * $this->a);
        $turned = $angle - \atan2($this->a, $radius);

        return 0.5 * ($radius * $root / $this->a + $this->a * \asinh($radius / $this->a)) + $this->offsets->measured * $turned;
    }

    private function angle(float $length): float
    {
        $at = $length / $this->step;
        $step = (int) $at;
        if ($at < 0.0 || $step >= self::STEPS) {
            return $this->angleAt($length, $at < 0.0 ? 0.0 : $this->outerAngle);
        }
        $t = $at - $step;
        $s = 1 - $t;

        return $s * $s * ((1 + 2 * $t) * $this->angles[$step] + $t * $this->slopes[$step])
            + $t * $t * ((1 + 2 * $s) * $this->angles[$step + 1] - $s * $this->slopes[$step + 1]);
    }

    /** Derivative of the length by the angle. */
    private function lengthening(float $angle): float
    {
        $radius = $this->inner + $this->a * $angle;
        $square = $radius * $radius + $this->a * $this->a;

        return \max(1.0, \sqrt($square) + $this->offsets->measured * (1 + $this->a * $this->a / $square));
    }

    private function angleAt(float $length, float $near): float
    {
        $goal = $length + $this->startLength;
        $angle = $near;
        for ($step = 0; $step < 50; ++$step) {
            $more = ($goal - $this->lengthAt($angle)) / $this->lengthening($angle);
            $angle += $more;
            if (\abs($more) < 1e-12 * (1 + \abs($angle))) {
                break;
            }
        }

        return $angle;
    }
}
