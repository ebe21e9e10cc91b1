<?php

declare(strict_types=1);

namespace Uvret\Design;

/** All fields of a document that are neither objects nor lists of objects, in the order of the schema. */
final class FieldWalk
{
    /**
     * @param \stdClass $document complete
     *
     * @return \Generator<int, Field>
     */
    public static function of(SchemaNode $schema, \stdClass $document): \Generator
    {
        yield from self::within($schema, $document, '');
    }

    /** @return \Generator<int, Field> */
    private static function within(SchemaNode $node, mixed $value, string $path): \Generator
    {
        if ($value instanceof \stdClass) {
            foreach ($node->properties() as $name => $below) {
                $has = $value->{$name} ?? null;
                $at = '' === $path ? $name : "$path/$name";
                if ($has instanceof \stdClass || (\is_array($has) && ($has[0] ?? null) instanceof \stdClass)) {
                    yield from self::within($below, $has, $at);
                } elseif (null !== $has) {
                    yield new Field($at, $name, $has, $value, $below);
                }
            }
        } elseif (\is_array($value)) {
            $items = $node->items();
            foreach ($value as $number => $entry) {
                yield from self::within($items, $entry, "$path/$number");
            }
        }
    }
}
