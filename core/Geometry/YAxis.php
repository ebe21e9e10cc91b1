<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** Documents and screens measure downwards, the core upwards; only this class converts. */
final class YAxis
{
    public static function turned(int $y): int
    {
        return -$y;
    }

    /**
     * @template N of int|float
     *
     * @param array<N> $points x and y in turn
     *
     * @return list<N>
     */
    public static function points(array $points): array
    {
        $turned = [];
        foreach (\array_values($points) as $number => $value) {
            $turned[] = 1 === $number % 2 ? -$value : $value;
        }

        return $turned;
    }
}
