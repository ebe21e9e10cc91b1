<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/**
 * Cutting time with constant acceleration. The speed at a corner is that on the circle that touches both edges and passes the corner at a
 * given distance (junction deviation: v² = a·δ·s ∕ (1 − s), where s is the cosine of half the turn). One forward and one backward pass
 * find the speeds at all corners.
 */
final readonly class Motion
{
    public function __construct(private Cutter $cutter)
    {
    }

    /**
     * Time along a line, from rest to rest.
     *
     * @param list<float> $line  flat list of points in µm
     * @param float       $speed maximum, in mm/s
     *
     * @return float seconds
     */
    public function seconds(array $line, float $speed): float
    {
        $a = $this->cutter->acceleration;
        $lengths = $speeds = [];
        $before = null;
        for ($i = 0, $count = \count($line); $i + 2 < $count; $i += 2) {
            [$dx, $dy] = [($line[$i + 2] - $line[$i]) / 1000, ($line[$i + 3] - $line[$i + 1]) / 1000];
            $length = \hypot($dx, $dy);
            if ($length < 1e-9) {
                continue;
            }
            $lengths[] = $length;
            $speeds[] = null === $before ? 0.0 : $this->through(($before[0] * $dx + $before[1] * $dy) / $length, $speed);
            $before = [$dx / $length, $dy / $length];
        }
        $speeds[] = 0.0;
        $edges = \count($lengths);
        for ($i = 0; $i < $edges; ++$i) {
            $speeds[$i + 1] = \min($speeds[$i + 1], \sqrt($speeds[$i] ** 2 + 2 * $a * $lengths[$i]));
        }
        $seconds = 0.0;
        for ($i = $edges - 1; $i >= 0; --$i) {
            $speeds[$i] = \min($speeds[$i], \sqrt($speeds[$i + 1] ** 2 + 2 * $a * $lengths[$i]));
            $seconds += self::along($lengths[$i], $speeds[$i], $speeds[$i + 1], $speed, $a);
        }

        return $seconds;
    }

    /** @param float $cosine of the turn */
    private function through(float $cosine, float $speed): float
    {
        $half = \sqrt(\max(0.0, (1 + $cosine) / 2));

        return $half > 0.999999 ? $speed : \min($speed, \sqrt($this->cutter->acceleration * $this->cutter->deviation * $half / (1 - $half)));
    }

    private static function along(float $length, float $from, float $to, float $most, float $a): float
    {
        // Peak speed in the middle.
        $top = \min($most, \sqrt(\max(0.0, $a * $length + ($from ** 2 + $to ** 2) / 2)));
        $top = \max($top, $from, $to, 1e-9);
        $even = \max(0.0, $length - (2 * $top ** 2 - $from ** 2 - $to ** 2) / (2 * $a));

        return (2 * $top - $from - $to) / $a + $even / $top;
    }
}
