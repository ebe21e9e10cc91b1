<?php

declare(strict_types=1);

namespace Uvret\Compose\Joining;

use Uvret\Compose\TypesetWords;
use Uvret\Design\Line;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Type\Font;

/** Finds the smallest nudges that make all letters of a line join. */
final readonly class JoinMender
{
    /** Maximum and step of a nudge, in thousandths of the em. */
    private const FURTHEST = 240.0;
    private const STEP = 8.0;
    private const FINEST = 0.5;

    /**
     * @param int $size µm that the em takes
     * @param int $neck required width of each neck, in µm
     *
     * @return list<Mend> nudges; empty if all letters join
     */
    public static function mend(Line $line, Font $font, int $size, int $neck): array
    {
        $letters = TypesetWords::of($line->lettering, $font)->letters(Affine::scale($size / $font->unitsPerEm));
        $mends = [];
        $expected = ExpectedJoins::of($line, $font);
        foreach (JoinCheck::of($letters, $line->lettering->words, $expected->between(...)) as $joint) {
            $needsNeck = $joint->expected || $joint->overlap > 0 || $joint->gap < LetterJoin::HAIR;
            if (self::isGood($joint, $needsNeck, $neck)) {
                continue;
            }
            $by = self::smallest($letters[$joint->left], $letters[$joint->right], $joint, $needsNeck, $size / 1000, $neck);
            $pair = \mb_substr($line->lettering->words, $joint->left, $joint->right - $joint->left + 1);
            $mends[] = new Mend($joint->right, $pair, $by);
        }

        return $mends;
    }

    /** The smallest move of the second letter, in thousandths of the em; null if none helps. */
    private static function smallest(Region $left, Region $right, LetterJoin $joint, bool $needsNeck, float $perMille, int $neck): ?float
    {
        $good = static function (float $by) use ($left, $right, $joint, $needsNeck, $perMille, $neck): bool {
            $moved = JoinCheck::between($joint->left, $left, $joint->right, JoinCheck::shifted($right, (int) \round($by * $perMille)), $joint->expected);

            return null !== $moved && self::isGood($moved, $needsNeck, $neck);
        };
        for ($far = self::STEP; $far <= self::FURTHEST; $far += self::STEP) {
            // Closer first, because letters too far apart are more common.
            foreach (0 === $joint->overlap ? [-$far, $far] : [$far, -$far] as $by) {
                if ($good($by)) {
                    return self::refined($by, $good);
                }
            }
        }

        return null;
    }

    /** @param callable(float): bool $good */
    private static function refined(float $by, callable $good): float
    {
        $bad = $by - ($by <=> 0.0) * self::STEP;
        while (\abs($by - $bad) > self::FINEST) {
            $middle = ($by + $bad) / 2;
            if ($good($middle)) {
                $by = $middle;
            } else {
                $bad = $middle;
            }
        }

        // Half a step extra, so that rounding to the grid undoes nothing.
        return \round($by + ($by <=> $bad) * self::FINEST, 1);
    }

    private static function isGood(LetterJoin $joint, bool $needsNeck, int $neck): bool
    {
        return !$joint->fillsHole() && (!$needsNeck || $joint->overlap >= $neck);
    }
}
