<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Measure\Centroid;
use Uvret\Geometry\Region;

/** The room for words around a form's centre of gravity, which is its origin: in its hole, as in a ring, or in the form itself. */
final readonly class FormRoom
{
    /** Steps of halving the scale's interval: to a 60,000th. */
    private const STEPS = 16;

    private function __construct(public Region $region)
    {
    }

    public static function of(Region $form): self
    {
        [$x, $y] = Centroid::of($form->rings()) ?? [0, 0];
        $form = $form->transform(Affine::move(-$x, -$y));
        foreach ($form->holes() as $hole) {
            if ($hole->contains(0, 0)) {
                return new self($hole);
            }
        }

        return new self($form);
    }

    /**
     * The largest scale up to 1 at which ink around the origin keeps its margin to the edges; null if there is no room at any.
     *
     * @param int $margin in µm
     */
    public function scale(Region $ink, int $margin): ?float
    {
        $room = $this->region->offset(-$margin);
        if (!$room->contains(0, 0)) {
            return null;
        }
        $fits = static fn (float $scale): bool => $ink->transform(Affine::scale($scale))->subtract($room)->isEmpty();
        if ($fits(1.0)) {
            return 1.0;
        }
        [$low, $high] = [0.0, 1.0];
        for ($step = 0; $step < self::STEPS; ++$step) {
            $middle = ($low + $high) / 2;
            $fits($middle) ? $low = $middle : $high = $middle;
        }

        return $low > 0 ? $low : null;
    }
}
