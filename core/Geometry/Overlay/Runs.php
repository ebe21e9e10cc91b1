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

        return self::with($least, $greatest, $low, $high, $stretch);
    }

    /**
     * Only of edges whose boxes may meet those of some that moved.
     *
     * @param non-empty-array<int, true> $moved edges
     */
    public static function near(Rings $rings, array $moved): self
    {
        $x = $rings->x;
        $y = $rings->y;
        $bands = Bands::over($rings, $moved);
        $left = $bands->left;
        $right = $bands->right;
        $width = $bands->width;
        $lowest = $bands->lowest;
        $highest = $bands->highest;
        $lastBand = \count($lowest) - 1;
        $least = $greatest = $low = $high = $stretch = [];
        $number = 0;
        $ringCount = \count($rings->operand);
        for ($ring = 0; $ring < $ringCount; ++$ring) {
            $from = $i = $rings->start[$ring];
            $end = $rings->start[$ring + 1] - 1;
            $px = $x[$i];
            $py = $y[$i];
            $lo = $hi = $py;
            $rising = null;
            while ($i < $end) {
                ++$i;
                $nx = $x[$i];
                $ny = $y[$i];
                $meets = false;
                if (($px >= $left || $nx >= $left) && ($px <= $right || $nx <= $right)) {
                    $band = $px < $nx ? $px : $nx;
                    $to = $px < $nx ? $nx : $px;
                    $to = $to >= $right ? $lastBand : \intdiv($to - $left, $width);
                    for ($band = $band <= $left ? 0 : \intdiv($band - $left, $width); $band <= $to; ++$band) {
                        if (($py >= $lowest[$band] || $ny >= $lowest[$band]) && ($py <= $highest[$band] || $ny <= $highest[$band])) {
                            $meets = true;
                            break;
                        }
                    }
                }
                $rises = $meets ? $nx > $px || ($nx === $px && $ny > $py) : null;
                if ($rises !== $rising || $i - $from > self::LENGTH) {
                    if (null !== $rising) {
                        $least[] = $rising ? $from : $i - 1;
                        $greatest[] = $rising ? $i - 1 : $from;
                        $low[] = $lo;
                        $high[] = $hi;
                        $stretch[] = $number;
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
            if (null !== $rising) {
                $least[] = $rising ? $from : $end;
                $greatest[] = $rising ? $end : $from;
                $low[] = $lo;
                $high[] = $hi;
                $stretch[] = $number;
            }
        }

        return self::with($least, $greatest, $low, $high, $stretch);
    }

    /**
     * @param list<int> $least
     * @param list<int> $greatest
     * @param list<int> $low
     * @param list<int> $high
     * @param list<int> $stretch
     */
    private static function with(array $least, array $greatest, array $low, array $high, array $stretch): self
    {
        $runs = new self();
        $runs->least = $least;
        $runs->greatest = $greatest;
        $runs->low = $low;
        $runs->high = $high;
        $runs->stretch = $stretch;

        return $runs;
    }
}
