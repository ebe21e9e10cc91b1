<?php

declare(strict_types=1);

namespace Uvret\Snags;

/** Colours like #2F5D62. */
final class Colours
{
    /** Difference of two colours, weighted like the eye (green most): up to 765. */
    public static function apart(string $one, string $other): float
    {
        $channels = static fn (string $colour): array => \array_map(\hexdec(...), \str_split(\substr($colour, 1), 2));
        [$a, $b] = [$channels($one), $channels($other)];

        return 0.9 * \abs($a[0] - $b[0]) + 1.4 * \abs($a[1] - $b[1]) + 0.7 * \abs($a[2] - $b[2]);
    }
}
