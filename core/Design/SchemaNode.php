<?php

declare(strict_types=1);

namespace Uvret\Design;

/** What a JSON Schema says of one field, references resolved. */
final class SchemaNode
{
    /** @var array<string, self>|null */
    private ?array $properties = null;
    private ?self $items = null;

    /** @param array<string, mixed> $says its keywords; what stands beside a reference goes before what that leads to */
    private function __construct(
        public readonly array $says,
        private readonly string $file,
    ) {
    }

    /** The whole schema of a file, or the definition of that name in it. */
    public static function in(string $file, ?string $definition = null): self
    {
        return self::of(null === $definition ? self::file($file) : (object) ['$ref' => '#/$defs/'.$definition], $file);
    }

    /** @return array<string, self> */
    public function properties(): array
    {
        if (null === $this->properties) {
            $this->properties = [];
            foreach ($this->part('properties') as $name => $field) {
                $this->properties[$name] = self::of($field, $this->file);
            }
        }

        return $this->properties;
    }

    public function items(): self
    {
        return $this->items ??= self::of($this->says['items'] ?? new \stdClass(), $this->file);
    }

    /**
     * Fills in the defaults of fields that a document lacks, on every level: from the outside in, so that those of an object that is
     * itself a default come too.
     */
    public function complete(mixed $value): void
    {
        if ($value instanceof \stdClass) {
            foreach ($this->properties() as $name => $field) {
                if (!isset($value->{$name}) && \array_key_exists('default', $field->says)) {
                    $default = $field->says['default'];
                    $value->{$name} = \is_object($default) ? clone $default : $default;
                }
                if (isset($value->{$name})) {
                    $field->complete($value->{$name});
                }
            }
        } elseif (\is_array($value) && [] !== $value) {
            $items = $this->items();
            foreach ($value as $entry) {
                $items->complete($entry);
            }
        }
    }

    /** A keyword of text; empty if the schema does not have it. */
    public function word(string $keyword): string
    {
        return \is_string($word = $this->says[$keyword] ?? null) ? $word : '';
    }

    /** @return array<string, mixed> */
    private function part(string $keyword): array
    {
        return \is_object($part = $this->says[$keyword] ?? null) ? self::vars($part) : [];
    }

    /** @return array<string, mixed> */
    private static function vars(object $object): array
    {
        $vars = [];
        foreach (\get_object_vars($object) as $name => $value) {
            $vars[(string) $name] = $value;
        }

        return $vars;
    }

    private static function of(mixed $schema, string $file): self
    {
        \assert(\is_object($schema));
        $says = self::vars($schema);
        $reference = $says['$ref'] ?? null;
        if (!\is_string($reference)) {
            return new self($says, $file);
        }
        [$other, $name] = \explode('#/$defs/', $reference);
        $file = '' === $other ? $file : \dirname($file).'/'.$other;
        $definitions = \get_object_vars(self::file($file))['$defs'] ?? null;
        $definition = self::of(\is_object($definitions) ? \get_object_vars($definitions)[$name] ?? null : null, $file);
        unset($says['$ref']);

        return new self($says + $definition->says, $definition->file);
    }

    private static function file(string $file): object
    {
        /** @var array<string, object> $files */
        static $files = [];

        return $files[$file] ??= self::decoded($file);
    }

    private static function decoded(string $file): object
    {
        $schema = \json_decode((string) \file_get_contents($file), false, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_object($schema));

        return $schema;
    }
}
