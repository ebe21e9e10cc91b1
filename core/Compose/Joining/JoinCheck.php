<?php

declare(strict_types=1);

namespace Uvret\Compose\Joining;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;

/** Letters → joins: overlap or gap of each neighbouring pair, and whether a hole is filled. */
final readonly class JoinCheck
{
    /** Letters with boxes farther apart than this are not measured, in µm. */
    private const NEAR = 1_500;

    /** A neck of this width suffices for any film and is not measured further, in µm. */
    private const PLENTY = 600;

    /**
     * @param array<int, Region>       $letters  by their places in the words
     * @param callable(int, int): bool $expected whether the letters at two indices should join
     *
     * @return list<LetterJoin> for each pair of letters of one word
     */
    public static function of(array $letters, string $words, callable $expected): array
    {
        $characters = \mb_str_split($words);
        $joints = [];
        $places = \array_keys($letters);
        foreach ($places as $number => $right) {
            $left = $places[$number - 1] ?? null;
            if (null === $left || !self::areOneWord($characters, $left, $right)) {
                continue;
            }
            $joint = self::between($left, $letters[$left], $right, $letters[$right], $expected($left, $right));
            if (null !== $joint) {
                $joints[] = $joint;
            }
        }

        return $joints;
    }

    /** Null where one of them has no ink. */
    public static function between(int $left, Region $one, int $right, Region $other, bool $expected): ?LetterJoin
    {
        $oneBox = $one->bounds();
        $otherBox = $other->bounds();
        if (null === $oneBox || null === $otherBox) {
            return null;
        }
        if (!$oneBox->grown(self::NEAR)->overlaps($otherBox)) {
            return new LetterJoin(
                left: $left,
                right: $right,
                expected: $expected,
                overlap: 0,
                gap: $otherBox->left - $oneBox->right,
                lost: 0.0,
                lostShare: 0.0,
                x: \intdiv($oneBox->right + $otherBox->left, 2),
                y: \intdiv($oneBox->top + $oneBox->bottom, 2),
            );
        }
        $common = $oneBox->overlaps($otherBox) ? $one->intersect($other) : Region::empty();
        $bounds = $common->bounds();
        if (null === $bounds) {
            return new LetterJoin(
                left: $left,
                right: $right,
                expected: $expected,
                overlap: 0,
                gap: (int) \ceil($one->distanceTo($other)),
                lost: 0.0,
                lostShare: 0.0,
                x: \intdiv($oneBox->right + $otherBox->left, 2),
                y: \intdiv(\max($oneBox->bottom, $otherBox->bottom) + \min($oneBox->top, $otherBox->top), 2),
            );
        }
        [$lost, $share] = self::filled($one, $other);
        [$lostToo, $shareToo] = self::filled($other, $one);

        return new LetterJoin(
            left: $left,
            right: $right,
            expected: $expected,
            overlap: self::neck($common),
            gap: 0,
            lost: \max($lost, $lostToo),
            lostShare: \max($share, $shareToo),
            x: \intdiv($bounds->left + $bounds->right, 2),
            y: \intdiv($bounds->bottom + $bounds->top, 2),
        );
    }

    /** Width of an overlap: diameter of its largest circle. */
    private static function neck(Region $common): int
    {
        // The largest circle has a diameter of at least 2 · area ÷ perimeter.
        $least = 2 * $common->area() / \max(1.0, $common->perimeter());

        return (int) \round($least >= self::PLENTY ? $least : 2 * $common->inscribedRadius());
    }

    /** Whether both are lower-case. */
    public static function areSmall(string $words, int $left, int $right): bool
    {
        return 1 === \preg_match('/^\p{Ll}$/u', \mb_substr($words, $left, 1)) && 1 === \preg_match('/^\p{Ll}$/u', \mb_substr($words, $right, 1));
    }

    /** @return array{float, float} how much of the holes of one the other fills, and as a share of the hole hit worst */
    private static function filled(Region $one, Region $other): array
    {
        $lost = $share = 0.0;
        foreach ($one->holes() as $hole) {
            $bounds = $hole->bounds();
            $otherBounds = $other->bounds();
            if (null === $bounds || null === $otherBounds || !$bounds->overlaps($otherBounds)) {
                continue;
            }
            $area = $hole->intersect($other)->area();
            $lost += $area;
            $share = \max($share, $area / \max(1.0, $hole->area()));
        }

        return [$lost, $share];
    }

    /** @param list<string> $characters */
    private static function areOneWord(array $characters, int $left, int $right): bool
    {
        for ($i = $left; $i <= $right; ++$i) {
            if (1 !== \preg_match('/^[\p{L}\p{M}]$/u', $characters[$i] ?? '')) {
                return false;
            }
        }

        return true;
    }

    public static function shifted(Region $letter, int $by): Region
    {
        return $letter->transform(Affine::move($by, 0));
    }
}
