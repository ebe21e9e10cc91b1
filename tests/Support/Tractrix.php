<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

/** A drag knife, step by step: the tip is pulled after the holder's middle at a fixed distance and moves along its blade only. */
final class Tractrix
{
    /** One step of the holder, in µm. */
    private const STEP = 4.0;

    private float $heading;

    public function __construct(
        private readonly float $offset,
        float $heading = 0.0,
    ) {
        $this->heading = $heading;
    }

    /**
     * @param list<float> $holder flat list of points
     *
     * @return list<array{float, float}> where the tip was
     */
    public function tip(array $holder): array
    {
        $tip = [];
        for ($i = 0; $i + 2 < \count($holder); $i += 2) {
            [$x, $y, $toX, $toY] = [$holder[$i], $holder[$i + 1], $holder[$i + 2], $holder[$i + 3]];
            $length = \hypot($toX - $x, $toY - $y);
            $steps = \max(1, (int) \ceil($length / self::STEP));
            for ($step = 0; $step <= $steps; ++$step) {
                [$hx, $hy] = [$x + ($toX - $x) * $step / $steps, $y + ($toY - $y) * $step / $steps];
                if ($step > 0) {
                    // What is across the blade turns it.
                    [$dx, $dy] = [($toX - $x) / $steps, ($toY - $y) / $steps];
                    $this->heading += ($dy * \cos($this->heading) - $dx * \sin($this->heading)) / $this->offset;
                }
                $tip[] = [$hx - $this->offset * \cos($this->heading), $hy - $this->offset * \sin($this->heading)];
            }
        }

        return $tip;
    }
}
