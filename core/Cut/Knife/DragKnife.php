<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/**
 * Path of a drag knife's holder for a path of its tip. The tip trails the holder's axis by the offset: along a
 * line or curve the holder runs ahead by it on the tangent; at a corner it swivels about the tip into the new direction, because a
 * tip only moves along its blade (the tractrix). A cut begins with the blade as the last one left it, so the holder swivels there, too.
 */
final class DragKnife
{
    /** Largest step of a swivel, in radians. */
    private const STEP = 0.35;

    /** Direction of the blade, in radians. */
    private float $heading;

    /** @param float $heading direction of the blade before the first cut, in radians */
    public function __construct(
        private readonly float $offset,
        private readonly float $corner,
        float $heading = 0.0,
    ) {
        $this->heading = $heading;
    }

    /**
     * @param list<float> $line path of the tip, flat list of points in µm
     *
     * @return list<float> path of the holder
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
                // Swivels about the tip, from the old direction to the new.
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

    /** @return array{float, float} holder's offset from the tip */
    private function ahead(float $x, float $y, float $heading): array
    {
        return [$x + $this->offset * \cos($heading), $y + $this->offset * \sin($heading)];
    }
}
