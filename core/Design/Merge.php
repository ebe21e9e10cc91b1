<?php

declare(strict_types=1);

namespace Uvret\Design;

/**
 * Two changes of one design put together, field by field (a three-way merge): lists whose entries have ids go
 * entry by entry, each beside its neighbours; all else is taken from the side that changed it. It does not matter which side is which.
 */
final readonly class Merge
{
    /**
     * All documents are decoded JSON with objects as stdClass.
     *
     * @return object|null null if both changed the same thing in different ways
     */
    public static function of(object $base, object $ours, object $theirs): ?object
    {
        try {
            $merged = self::objects($base, $ours, $theirs);
        } catch (\UnexpectedValueException) {
            return null;
        }

        return $merged;
    }

    private static function objects(object $base, object $ours, object $theirs): object
    {
        [$was, $our, $their] = [\get_object_vars($base), \get_object_vars($ours), \get_object_vars($theirs)];
        $merged = [];
        foreach (\array_keys($our + $their) as $field) {
            $value = self::values($was[$field] ?? null, $our[$field] ?? null, $their[$field] ?? null);
            if (null !== $value) {
                $merged[$field] = $value;
            }
        }

        return (object) $merged;
    }

    private static function values(mixed $base, mixed $ours, mixed $theirs): mixed
    {
        return match (true) {
            Json::same($ours, $theirs), Json::same($theirs, $base) => $ours,
            Json::same($ours, $base) => $theirs,
            \is_object($base) && \is_object($ours) && \is_object($theirs) => self::objects($base, $ours, $theirs),
            \is_array($base) && \is_array($ours) && \is_array($theirs) => self::lists(self::byId($base), self::byId($ours), self::byId($theirs)),
            default => throw new \UnexpectedValueException('Both sides changed the same.'),
        };
    }

    /**
     * @param array<string, object> $base
     * @param array<string, object> $ours
     * @param array<string, object> $theirs
     *
     * @return list<mixed>
     */
    private static function lists(array $base, array $ours, array $theirs): array
    {
        $merged = [];
        foreach ($base + $ours + $theirs as $id => $entry) {
            $value = self::values($base[$id] ?? null, $ours[$id] ?? null, $theirs[$id] ?? null);
            if (null !== $value) {
                $merged[$id] = $value;
            }
        }
        $order = MergedOrder::of(\array_keys($base), \array_keys($ours), \array_keys($theirs));

        return \array_map(
            static fn (string|int $id): mixed => $merged[$id] ?? throw new \LogicException('An entry without a value.'),
            $order ?? throw new \UnexpectedValueException('Both sides put the same in another order.'),
        );
    }

    /**
     * @param array<mixed> $list
     *
     * @return array<string, object>
     */
    private static function byId(array $list): array
    {
        $entries = [];
        foreach ($list as $entry) {
            if (!\is_object($entry) || !\is_string($entry->id ?? null)) {
                throw new \UnexpectedValueException('A list without ids is one value.');
            }
            $entries[$entry->id] = $entry;
        }

        return $entries;
    }
}
