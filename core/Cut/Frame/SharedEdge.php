<?php

declare(strict_types=1);

namespace Uvret\Cut\Frame;

use Uvret\Geometry\Box;

/** The edge that two rectangles have in common, which is cut once. */
final class SharedEdge
{
    /** @return list<array{int, int, int, int}> one line from end to end, or none */
    public static function between(Box $one, Box $other): array
    {
        [$bottom, $top] = [\max($one->bottom, $other->bottom), \min($one->top, $other->top)];
        [$left, $right] = [\max($one->left, $other->left), \min($one->right, $other->right)];
        if ($bottom < $top && ($one->right === $other->left || $other->right === $one->left)) {
            $x = $one->right === $other->left ? $one->right : $other->right;

            return [[$x, $bottom, $x, $top]];
        }
        if ($left < $right && ($one->top === $other->bottom || $other->top === $one->bottom)) {
            $y = $one->top === $other->bottom ? $one->top : $other->top;

            return [[$left, $y, $right, $y]];
        }

        return [];
    }
}
