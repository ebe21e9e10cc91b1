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

    /**
     * @param bool       $settled whether rings that were known to be apart may have been moved together since
     * @param Bands|null $near    only edges that may meet those in the bands; null takes all
     */
    public static function of(Rings $rings, bool $settled = false, ?Bands $near = null): self
    {
        $x = $rings->x;
        $y = $rings->y;
        $left = $near->left ?? 0;
        $right = $near->right ?? 0;
        $width = $near->width ?? 1;
        $lowest = $near->lowest ?? [];
        $highest = $near->highest ?? [];
        $lastBand = \count($lowest) - 1;
        $runs = new self();
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
                $meets = $lastBand < 0;
                if (!$meets && ($px >= $left || $nx >= $left) && ($px <= $right || $nx <= $right)) {
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
                        $runs->least[] = $rising ? $from : $i - 1;
                        $runs->greatest[] = $rising ? $i - 1 : $from;
                        $runs->low[] = $lo;
                        $runs->high[] = $hi;
                        $runs->stretch[] = $apart > 0 ? -$apart : $number;
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
                $runs->least[] = $rising ? $from : $end;
                $runs->greatest[] = $rising ? $end : $from;
                $runs->low[] = $lo;
                $runs->high[] = $hi;
                $runs->stretch[] = $apart > 0 ? -$apart : $number;
            }
        }

        return $runs;
    }
}
