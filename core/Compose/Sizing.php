<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Follow\CircleGuide;
use Uvret\Compose\Follow\SpiralGuide;
use Uvret\Design\BrimRing;
use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Line;
use Uvret\Design\SizeBy;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Type\FontException;

/** Finds the letter size for the requested size of a line's ink. */
final readonly class Sizing
{
    /** Tolerance of the ink's size, in µm. */
    private const NEAR = 0.5;

    private const STEPS = 40;

    /** Tolerance of a spiral, in turns. */
    private const TURN = 0.001;

    /**
     * µm per font unit, across and up.
     *
     * @return array{float, float}|null null when there is no ink to size
     *
     * @throws CompositionException|FontException
     */
    public static function of(Line $line, TypesetWords $lettering, Surroundings $surroundings): ?array
    {
        $scale = self::straight($line, $lettering, $surroundings->room($line));
        if (null === $scale || null === $lettering->ink) {
            return null;
        }
        $inForm = self::inForm($line, $lettering, $scale, $surroundings);
        if (null !== $inForm) {
            return $inForm;
        }
        $setting = Setting::of($line, $lettering, ...$scale, surroundings: $surroundings);
        if ($setting->isPlain()) {
            return $scale;
        }
        if ($line->fills->takesForm()) {
            // The form determines width and height.
            $across = ($setting->filling?->width() ?? $setting->width) / ($lettering->ink[2] - $lettering->ink[0]);

            return [$across, $across / ($line->size->stretch / 100)];
        }
        if (SizeBy::Letter === $line->size->by) {
            // Heft adds the same height at every size, so one step is exact.
            $up = $scale[1] - ($setting->letterHeight() - $line->size->length) / $lettering->font->letterHeight();

            return $up > 0 ? [$up * $line->size->stretch / 100, $up] : throw CompositionException::cannotBeThatSmall();
        }
        if (SizeBy::Both === $line->size->by) {
            return self::both($line, $lettering, $scale, $surroundings);
        }
        $stretch = $line->size->stretch / 100;
        $over = static fn (float $up): float => self::over($line, Setting::of($line, $lettering, $up * $stretch, $up, $surroundings), $surroundings);
        $aim = \in_array($line->size->by, [SizeBy::Area, SizeBy::Share, SizeBy::Turns], true) ? $surroundings->room($line)->width() : $line->size->length;
        $up = self::root($over, $scale[1], (float) \max(1, $aim)) ?? throw CompositionException::cannotBeThatSmall();
        $guide = Setting::of($line, $lettering, $up * $stretch, $up, $surroundings)->guide;
        if (SizeBy::Turns === $line->size->by && $guide instanceof SpiralGuide && $guide->turns() < $line->size->turns - self::TURN) {
            $large = Setting::of($line, $lettering, 100 * $up * $stretch, 100 * $up, $surroundings)->guide;
            throw CompositionException::tooFewTurns($large instanceof SpiralGuide ? $large->turns() : $guide->turns());
        }

        return [$up * $stretch, $up];
    }

    /**
     * Likewise for a line that neither fills nor follows anything.
     *
     * @return array{float, float}|null
     */
    public static function straight(Line $line, TypesetWords $lettering, Box $area): ?array
    {
        if (null === $lettering->ink) {
            return null;
        }
        [$left, $bottom, $right, $top] = $lettering->ink;
        $stretch = $line->size->stretch / 100;
        $length = $line->size->length;
        if (SizeBy::Both === $line->size->by) {
            return [$length / \max($right - $left, 1e-9), $line->size->high / \max($top - $bottom, 1e-9)];
        }
        $up = match ($line->size->by) {
            SizeBy::Width => $length / \max(($right - $left) * $stretch, 1e-9),
            SizeBy::Height => $length / \max($top - $bottom, 1e-9),
            SizeBy::Letter => $length / $lettering->font->letterHeight(),
            SizeBy::Share => $line->size->share / 100 * $area->width() / \max(($right - $left) * $stretch, 1e-9),
            // Until the spiral says more.
            SizeBy::Turns => $area->width() / \max(($right - $left) * $stretch, 1e-9),
            SizeBy::Area => $lettering->fitted(
                $area->width() - 2 * $length,
                $area->height() - 2 * $length,
                Affine::scale($stretch, 1)->then(Affine::turn(-$line->place->turn)),
            ),
        };

        return [$up * $stretch, $up];
    }

    /**
     * A straight line as large as the shape of its form allows.
     *
     * @param array{float, float} $scale that fits into the form's box
     *
     * @return array{float, float}|null null if no form limits it
     */
    private static function inForm(Line $line, TypesetWords $lettering, array $scale, Surroundings $surroundings): ?array
    {
        $room = $surroundings->formRoom($line);
        [$left, $bottom, $right, $top] = $lettering->ink ?? [0.0, 0.0, 0.0, 0.0];
        $map = Affine::move(-($left + $right) / 2, -($bottom + $top) / 2)->then(Affine::scale(...$scale))->then(Affine::turn(-$line->place->turn));
        $less = $room?->scale($lettering->weld($map), $line->size->length + $line->lettering->heft);

        return null === $less ? null : [$scale[0] * $less, $scale[1] * $less];
    }

    /**
     * Both scales for a given width and height, corrected alternately, because bending changes both slightly.
     *
     * @param array{float, float} $scale of the straight line
     *
     * @return array{float, float}
     *
     * @throws CompositionException|FontException
     */
    private static function both(Line $line, TypesetWords $lettering, array $scale, Surroundings $surroundings): array
    {
        [$across, $up] = $scale;
        for ($step = 0; $step < self::STEPS; ++$step) {
            [$left, $bottom, $right, $top] = Setting::of($line, $lettering, $across, $up, $surroundings)->reach();
            [$width, $height] = [$right - $left, $top - $bottom];
            if (\abs($width - $line->size->length) <= self::NEAR && \abs($height - $line->size->high) <= self::NEAR) {
                return [$across, $up];
            }
            $across *= $line->size->length / \max($width, 1.0);
            // The bow's share of the height is fixed; the letters' share is scaled.
            $up *= \max(0.2, 1 + ($line->size->high - $height) / \max(($lettering->ink[3] ?? 0.0) * $up - ($lettering->ink[1] ?? 0.0) * $up, 1.0));
        }

        return $up > 1e-6 && $across > 1e-6 ? [$across, $up] : throw CompositionException::cannotBeThatSmall();
    }

    /** Excess of the ink over the requested size, in µm; negative if it is smaller. */
    private static function over(Line $line, Setting $setting, Surroundings $surroundings): float
    {
        $area = $surroundings->room($line);
        $guide = $setting->guide;
        if (SizeBy::Share === $line->size->by && null !== $guide) {
            $whole = $guide instanceof CircleGuide ? 2 * \M_PI * $guide->measuredRadius() : $guide->room();

            return \max($setting->width - $line->size->share / 100 * $whole, $setting->width - $guide->room());
        }
        if (SizeBy::Turns === $line->size->by && $guide instanceof SpiralGuide) {
            return $setting->width * (1 - $line->size->turns / $guide->turns());
        }
        if (SizeBy::Area === $line->size->by && FollowPath::Brim === $line->follows->path && null !== $surroundings->brim && null !== $guide) {
            return $line->size->length + \max($setting->width - $guide->room(), self::overBrim($setting, $surroundings->brim, $surroundings));
        }
        $isPlaced = $line->follows->path->isPlaced();
        [$left, $bottom, $right, $top] = $setting->reach(SizeBy::Area === $line->size->by && !$isPlaced ? $line->place->turn : 0.0);
        $length = $line->size->length;
        $over = match ($line->size->by) {
            SizeBy::Width, SizeBy::Letter, SizeBy::Both, SizeBy::Share, SizeBy::Turns => $right - $left - $length,
            SizeBy::Height => $top - $bottom - $length,
            // A placed line must fit where it is.
            SizeBy::Area => $isPlaced
                ? $length + \max($area->left - $left, $area->bottom - $bottom, $right - $area->right, $top - $area->top)
                : 2 * $length + \max($right - $left - $area->width(), $top - $bottom - $area->height()),
        };

        return \max($over, null === $setting->guide ? -\INF : $setting->width - $setting->guide->room());
    }

    /** Excess of the ink over the brim, outwards or towards the crown. */
    private static function overBrim(Setting $setting, BrimRing $brim, Surroundings $surroundings): float
    {
        $radii = [];
        foreach ([0.0, $setting->width / 2, $setting->width] as $along) {
            foreach ([$setting->lowest, $setting->highest] as $height) {
                [$x, $y] = $setting->at($along, $height);
                $radii[] = \hypot($x - $surroundings->brimX, $y - $surroundings->brimY);
            }
        }

        return \max(\max($radii) - $brim->edge, $brim->crown - \min($radii));
    }

    /**
     * Root of an increasing function, by false position with the Illinois modification.
     *
     * @param callable(float): float $over
     * @param float                  $aim  the requested size, for the first step
     *
     * @return float|null null if it is positive at any size; the start if it is negative at any size
     */
    private static function root(callable $over, float $start, float $aim): ?float
    {
        $low = $high = $start;
        $atLow = $atHigh = $over($start);
        if (\abs($atLow) <= self::NEAR) {
            return $start;
        }
        // Shrinks by about the excess and a little more, to bracket the root.
        for ($step = 0, $more = 1.004; $step < self::STEPS && $atLow > 0; ++$step, $more = \min(2.0, 1 + 6 * ($more - 1))) {
            [$high, $atHigh] = [$low, $atLow];
            $low *= \max(0.25, $aim / ($aim + $atLow)) / $more;
            $atLow = $over($low);
        }
        for ($step = 0, $more = 1.004; $step < self::STEPS && $atHigh < 0; ++$step, $more = \min(2.0, 1 + 6 * ($more - 1))) {
            [$low, $atLow] = [$high, $atHigh];
            $high *= \min(4.0, $aim / \max(1.0, $aim + $atHigh)) * $more;
            $atHigh = $over($high);
        }
        if ($atLow > 0) {
            return null;
        }
        if ($atHigh < 0) {
            // The filled shape has its own size.
            return $start;
        }
        $side = 0;
        for ($step = 0; $step < self::STEPS && $high - $low > 1e-10 * $high; ++$step) {
            $middle = ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            $at = $over($middle);
            if (\abs($at) <= self::NEAR) {
                return $middle;
            }
            // An end kept twice in a row is halved, so that it moves.
            if ($at > 0) {
                [$high, $atHigh] = [$middle, $at];
                $atLow /= 1 === $side ? 2 : 1;
                $side = 1;
            } else {
                [$low, $atLow] = [$middle, $at];
                $atHigh /= -1 === $side ? 2 : 1;
                $side = -1;
            }
        }

        return $low;
    }
}
