<?php

declare(strict_types=1);

namespace Uvret\Separate\Slip;

use Uvret\Geometry\Region;
use Uvret\Separate\Separation;

/** Presses one film of a design off register and finds the faults. */
final readonly class SlipTest
{
    /** Number of directions to test. */
    private const DIRECTIONS = 8;

    /** Area below which a difference is rounding, in µm². */
    private const NOTHING = 4_000.0;

    /** Resolution and upper bound of the safe distance, in µm. */
    private const STEP = 50;
    public const FARTHEST = 3_000;

    private ?Slipping $slipping;

    /** The safe distance its joints promise, in µm; null if it touches nothing. */
    private ?int $promised;

    public function __construct(
        Separation $separation,
        private string $film,
    ) {
        $layer = $separation->layer($film);
        $this->promised = $separation->safe($film);
        $this->slipping = null === $layer ? null : new Slipping($separation, $layer);
    }

    /** @param float $angle in degrees, clockwise from the right as worn */
    public function towards(int $distance, float $angle): Slip
    {
        return $this->slip(...self::step($distance, $angle));
    }

    /** The worst slip by a distance, to an eighth of a right angle. */
    public function worst(int $distance): Slip
    {
        [$worst, $most] = [0.0, -1.0];
        for ($step = 0; $step < self::DIRECTIONS; ++$step) {
            [$worst, $most] = $this->worse($distance, 360 * $step / self::DIRECTIONS, $worst, $most);
        }
        $first = $worst;
        foreach ([-90, -45, 45, 90] as $aside) {
            [$worst, $most] = $this->worse($distance, $first + $aside / self::DIRECTIONS * 2, $worst, $most);
        }

        return $this->slip(...self::step($distance, $worst));
    }

    /** Safe distance in any direction before the blank shows, in µm, up to FARTHEST. */
    public function safe(): int
    {
        [$good, $bad] = [0, self::FARTHEST + self::STEP];
        // Usually it is what the traps promise, which two tests confirm.
        if (null !== $this->promised) {
            $below = \max(0, $this->promised - 30);
            if ($this->shows($below)) {
                $bad = $below;
            } elseif ($this->shows($this->promised + self::STEP)) {
                return $this->promised;
            } else {
                $good = $below;
            }
        }
        while ($bad - $good > self::STEP) {
            $middle = \intdiv($good + $bad, 2);
            $this->shows($middle) ? $bad = $middle : $good = $middle;
        }

        return $good;
    }

    /** @return array{float, float} the worse of two directions and its faulty area */
    private function worse(int $distance, float $angle, float $worst, float $most): array
    {
        $move = self::step($distance, $angle);
        $area = ($this->slipping?->bare(...$move)->area() ?? 0.0) + ($this->slipping?->wrong(...$move)->area() ?? 0.0);

        return $area > $most ? [$angle, $area] : [$worst, $most];
    }

    private function shows(int $distance): bool
    {
        for ($step = 0; $step < self::DIRECTIONS; ++$step) {
            if (($this->slipping?->bare(...self::step($distance, 360 * $step / self::DIRECTIONS))->area() ?? 0.0) > self::NOTHING) {
                return true;
            }
        }

        return false;
    }

    private function slip(int $dx, int $dy): Slip
    {
        $bare = $this->slipping?->bare($dx, $dy) ?? Region::empty();
        $wrong = $this->slipping?->wrong($dx, $dy) ?? Region::empty();

        return new Slip($this->film, $dx, $dy, $bare, $wrong, self::widest($bare, $wrong));
    }

    /** @return array{int, int} to the right and up */
    private static function step(int $distance, float $angle): array
    {
        return [(int) \round($distance * \cos(\deg2rad($angle))), -(int) \round($distance * \sin(\deg2rad($angle)))];
    }

    private static function widest(Region ...$regions): int
    {
        $widest = 0.0;
        foreach ($regions as $region) {
            foreach ($region->pieces() as $piece) {
                $box = $piece->bounds();
                // No inscribed circle is wider than the box.
                if (null !== $box && \min($box->width(), $box->height()) > $widest) {
                    $widest = \max($widest, 2 * $piece->inscribedRadius());
                }
            }
        }

        return (int) \round($widest);
    }
}
