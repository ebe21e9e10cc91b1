<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Decoded JSON values compared. */
final class Json
{
    /** Whether two values are equal, whatever the order of their fields, and 1 being 1.0. */
    public static function same(mixed $one, mixed $other): bool
    {
        if (\is_object($one) && \is_object($other)) {
            [$one, $other] = [\get_object_vars($one), \get_object_vars($other)];
        }
        if (\is_array($one) && \is_array($other)) {
            if (\count($one) !== \count($other)) {
                return false;
            }
            foreach ($one as $key => $value) {
                if (!\array_key_exists($key, $other) || !self::same($value, $other[$key])) {
                    return false;
                }
            }

            return true;
        }

        return $one === $other || (\is_int($one) && \is_float($other) || \is_float($one) && \is_int($other)) && (float) $one === (float) $other;
    }
}
