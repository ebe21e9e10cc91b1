<?php

declare(strict_types=1);

namespace Uvret\Design;

/**
 * Fast schema check for every key press; the JSON Schema library takes ten times as long. Answers yes or “not sure”: the library then
 * decides and names the field.
 */
final class Conforms
{
    /** Checked keywords (1) and annotations (0). Any other keyword makes the answer “not sure”. */
    private const KNOWN = [
        'type' => 1, 'properties' => 1, 'additionalProperties' => 1, 'required' => 1, 'items' => 1, 'enum' => 1, 'const' => 1, 'pattern' => 1,
        'minimum' => 1, 'maximum' => 1, 'minLength' => 1, 'maxLength' => 1, 'minItems' => 1, 'maxItems' => 1,
        '$schema' => 0, '$id' => 0, '$defs' => 0, 'title' => 0, 'description' => 0, 'default' => 0,
        'ended' => 0, 'changed' => 0, 'unit' => 0, 'names' => 0, 'unless' => 0, 'apart' => 0,
    ];

    public static function surely(mixed $value, SchemaNode $schema): bool
    {
        $says = $schema->says;
        if ([] !== \array_diff_key($says, self::KNOWN)) {
            return false;
        }
        if (isset($says['enum']) && !\in_array($value, (array) $says['enum'], true)) {
            return false;
        }
        if (\array_key_exists('const', $says) && $value !== $says['const']) {
            return false;
        }

        return match ($says['type'] ?? null) {
            'object' => $value instanceof \stdClass && self::holdsFields($value, $schema),
            'array' => \is_array($value) && self::holdsEntries($value, $schema),
            'string' => \is_string($value) && self::isText($value, $says),
            'integer' => \is_int($value) && self::isWithin($value, $says),
            'number' => (\is_int($value) || \is_float($value)) && self::isWithin($value, $says),
            'boolean' => \is_bool($value),
            null => isset($says['enum']) || \array_key_exists('const', $says),
            default => false,
        };
    }

    private static function holdsFields(\stdClass $value, SchemaNode $schema): bool
    {
        $fields = \get_object_vars($value);
        $properties = $schema->properties();
        if (false !== ($schema->says['additionalProperties'] ?? null) || [] !== \array_diff_key($fields, $properties)) {
            return false;
        }
        foreach ((array) ($schema->says['required'] ?? []) as $name) {
            if (!\is_string($name) || !\array_key_exists($name, $fields)) {
                return false;
            }
        }
        foreach ($fields as $name => $field) {
            if (!self::surely($field, $properties[$name])) {
                return false;
            }
        }

        return true;
    }

    /** @param array<mixed> $value */
    private static function holdsEntries(array $value, SchemaNode $schema): bool
    {
        $count = \count($value);
        if ($count < ($schema->says['minItems'] ?? 0) || $count > ($schema->says['maxItems'] ?? \PHP_INT_MAX)) {
            return false;
        }
        $items = $schema->items();
        foreach ($value as $entry) {
            if (!self::surely($entry, $items)) {
                return false;
            }
        }

        return true;
    }

    /** @param array<string, mixed> $says */
    private static function isText(string $value, array $says): bool
    {
        $length = isset($says['minLength']) || isset($says['maxLength']) ? \mb_strlen($value) : 0;
        $pattern = $says['pattern'] ?? '';

        return $length >= ($says['minLength'] ?? 0)
            && $length <= ($says['maxLength'] ?? \PHP_INT_MAX)
            && (!\is_string($pattern) || '' === $pattern || 1 === \preg_match("\x07$pattern\x07uD", $value));
    }

    /** @param array<string, mixed> $says */
    private static function isWithin(int|float $value, array $says): bool
    {
        return $value >= ($says['minimum'] ?? -\INF) && $value <= ($says['maximum'] ?? \INF);
    }
}
