<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

/**
 * Cuts rings into short monotone runs.
 *
 * A run is a stretch of at most LENGTH edges whose points strictly rise or strictly fall by x, then
 * y. It cannot cross itself, so crossings need only be sought between runs whose boxes meet.
 */
final class Runs
{
    private const LENGTH = 12;

    /** @var list<int> slot of the least point of each run */
    public array $least = [];

    /** @var list<int> slot of the greatest point of each run */
    public array $greatest = [];

    /** @var list<int> */
    public array $low = [];

    /** @var list<int> */
    public array $high = [];

    /** @var list<int> runs with the same number need not be compared: they continue one another, or are known to be apart */
    public array $stretch = [];

    /** @param bool $settled whether rings that were known to be apart may have been moved together since */
    public static function of(Rings $rings, bool $settled = false): self
    {
        $x = $rings->x;
        $y = $rings->y;
        $least = $greatest = $low = $high = $stretch = [];
        $number = 0;
        $ringCount = \count($rings->operand);
        for ($ring = 0; $ring < $ringCount; ++$ring) {
            $i = $rings->start[$ring];
            $end = $rings->start[$ring + 1] - 1;
            $px = $x[$i];
            $py = $y[$i];
            $from = $i;
            $lo = $hi = $py;
            $rising = null;
            $apart = $settled ? 0 : $rings->apart[$ring];
            while ($i < $end) {
                ++$i;
                $nx = $x[$i];
                $ny = $y[$i];
                $rises = $nx > $px || ($nx === $px && $ny > $py);
                if ($rises !== $rising || $i - $from > self::LENGTH) {
                    if (null !== $rising) {
                        $least[] = $rising ? $from : $i - 1;
                        $greatest[] = $rising ? $i - 1 : $from;
                        $low[] = $lo;
                        $high[] = $hi;
                        $stretch[] = $apart > 0 ? -$apart : $number;
                    }
                    if ($rises !== $rising) {
                        ++$number;
                        $rising = $rises;
                    }
                    $from = $i - 1;
                    $lo = $hi = $py;
                }
                if ($ny < $lo) {
                    $lo = $ny;
                } elseif ($ny > $hi) {
                    $hi = $ny;
                }
                $px = $nx;
                $py = $ny;
            }
            $least[] = $rising ? $from : $end;
            $greatest[] = $rising ? $end : $from;
            $low[] = $lo;
            $high[] = $hi;
            $stretch[] = $apart > 0 ? -$apart : $number;
        }
        $runs = new self();
        $runs->least = $least;
        $runs->greatest = $greatest;
        $runs->low = $low;
        $runs->high = $high;
        $runs->stretch = $stretch;

        return $runs;
    }
}
