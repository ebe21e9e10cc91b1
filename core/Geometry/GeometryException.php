<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** Invalid geometry, or an operation that could not be finished. */
final class GeometryException extends \RuntimeException
{
    public static function notWhole(mixed $value): self
    {
        return new self(\sprintf(
            'A coordinate must be a whole number of micrometres, %s is not.',
            'float' === \get_debug_type($value) ? \var_export($value, true) : \get_debug_type($value),
        ));
    }

    public static function outOfRange(int|float $value): self
    {
        return new self(\sprintf(
            'A coordinate must lie within %d µm of the origin, %s does not.',
            Grid::LIMIT,
            \is_float($value) ? \var_export($value, true) : (string) $value,
        ));
    }

    public static function oddRing(int $count): self
    {
        return new self(\sprintf('A ring is a flat list x0, y0, x1, y1, …, so it has an even count of numbers; this one has %d.', $count));
    }

    public static function notAList(): self
    {
        return new self('A ring must be a list with the keys 0, 1, 2, ….');
    }

    public static function didNotSettle(int $rounds): self
    {
        return new self(\sprintf('The crossings did not settle on the grid within %d rounds.', $rounds));
    }

    public static function brokenArrangement(string $what): self
    {
        return new self(\sprintf('The arrangement is inconsistent: %s.', $what));
    }
}
