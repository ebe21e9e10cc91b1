<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/**
 * Where the holder of a drag knife goes so that its tip goes where it should. The tip trails the holder's middle by the offset: on a
 * line or curve the holder runs ahead by it along the tangent; at a corner it swivels about the tip into the new direction, since a
 * tip only moves along its blade (the tractrix). A cut begins with the blade as the one before left it, so the holder swivels there, too.
 */
final class DragKnife
{
    /** The most that one step of a swivel turns, in radians. */
    private const STEP = 0.35;

    /** Where the blade points, in radians. */
    private float $heading;

    /** @param float $heading where the blade points before the first cut, in radians */
    public function __construct(
        private readonly float $offset,
        private readonly float $corner,
        float $heading = 0.0,
    ) {
        $this->heading = $heading;
    }

    /**
     * @param list<float> $line flat list of the points where the tip goes, in µm
     *
     * @return list<float> the same for the holder
     */
    public function holder(array $line): array
    {
        $count = \count($line);
        $holder = [];
        for ($i = 0; $i + 2 < $count; $i += 2) {
            [$x, $y] = [$line[$i], $line[$i + 1]];
            [$dx, $dy] = [$line[$i + 2] - $x, $line[$i + 3] - $y];
            if (\abs($dx) < 1e-6 && \abs($dy) < 1e-6) {
                continue;
            }
            $next = \atan2($dy, $dx);
            $turn = $next - $this->heading;
            $turn -= 2 * \M_PI * \round($turn / (2 * \M_PI));
            if ([] === $holder) {
                \array_push($holder, ...$this->ahead($x, $y, $this->heading));
            }
            if (\abs($turn) > $this->corner) {
                // About the tip, from where it came along to where it goes.
                $steps = (int) \ceil(\abs($turn) / self::STEP);
                for ($step = [] === $holder ? 1 : 0; $step <= $steps; ++$step) {
                    \array_push($holder, ...$this->ahead($x, $y, $this->heading + $turn * $step / $steps));
                }
            } else {
                \array_push($holder, ...$this->ahead($x, $y, $this->heading + $turn / 2));
            }
            $this->heading = $next;
        }
        \array_push($holder, ...$this->ahead($line[$count - 2], $line[$count - 1], $this->heading));

        return $holder;
    }

    /** @return array{float, float} the offset ahead of the tip */
    private function ahead(float $x, float $y, float $heading): array
    {
        return [$x + $this->offset * \cos($heading), $y + $this->offset * \sin($heading)];
    }
}
