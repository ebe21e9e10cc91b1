<?php

declare(strict_types=1);

namespace Uvret\Separate\Slip;

use Uvret\Geometry\Region;
use Uvret\Separate\Separation;

/** Presses one film of a design beside its place, and tells what shows wrongly. */
final readonly class SlipTest
{
    /** In how many directions the worst one is looked for. */
    private const DIRECTIONS = 16;
    private const FEW_DIRECTIONS = 8;

    /** Less than so much is what rounding leaves, in µm². */
    private const NOTHING = 4_000.0;

    /** How finely the safe distance is looked for, in µm, and as far as which. */
    private const STEP = 50;
    public const FARTHEST = 3_000;

    private ?Slipping $slipping;

    public function __construct(
        Separation $separation,
        private string $film,
    ) {
        $layer = $separation->layer($film);
        $this->slipping = null === $layer ? null : new Slipping($separation, $layer);
    }

    /** @param float $angle in degrees, clockwise from the right as worn */
    public function towards(int $distance, float $angle): Slip
    {
        return $this->slip(...self::step($distance, $angle));
    }

    /** The slip by a distance that shows most. */
    public function worst(int $distance): Slip
    {
        [$worst, $most] = [[$distance, 0], -1.0];
        for ($step = 0; $step < self::DIRECTIONS; ++$step) {
            $move = self::step($distance, 360 * $step / self::DIRECTIONS);
            $area = $this->area($move);
            if ($area > $most) {
                [$worst, $most] = [$move, $area];
            }
        }

        return $this->slip(...$worst);
    }

    /** How far the film may slip in any direction before anything shows wrongly, in µm, up to FARTHEST. */
    public function safe(): int
    {
        [$good, $bad] = [0, self::FARTHEST + self::STEP];
        while ($bad - $good > self::STEP) {
            $middle = \intdiv($good + $bad, 2);
            $this->shows($middle) ? $bad = $middle : $good = $middle;
        }

        return $good;
    }

    private function shows(int $distance): bool
    {
        for ($step = 0; $step < self::FEW_DIRECTIONS; ++$step) {
            if ($this->area(self::step($distance, 360 * $step / self::FEW_DIRECTIONS)) > self::NOTHING) {
                return true;
            }
        }

        return false;
    }

    /** @param array{int, int} $move */
    private function area(array $move): float
    {
        $found = $this->slipping?->moved(...$move);

        return null === $found ? 0.0 : $found['bare']->area() + $found['wrong']->area();
    }

    private function slip(int $dx, int $dy): Slip
    {
        $found = $this->slipping?->moved($dx, $dy) ?? ['bare' => Region::empty(), 'wrong' => Region::empty()];

        return new Slip($this->film, $dx, $dy, $found['bare'], $found['wrong'], self::widest($found['bare'], $found['wrong']));
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
                // No circle in it is broader than its box.
                if (null !== $box && \min($box->width(), $box->height()) > $widest) {
                    $widest = \max($widest, 2 * $piece->inscribedRadius());
                }
            }
        }

        return (int) \round($widest);
    }
}
