<?php

declare(strict_types=1);

namespace Uvret\Design\Reading;

use Uvret\Geometry\YAxis;

/** How one parameter of a value's constructor is read from its field. */
final readonly class Parameter
{
    /**
     * @param class-string|null              $class of the value that it is
     * @param class-string<\BackedEnum>|null $enum  of the enum that it is
     */
    private function __construct(
        public string $field,
        private ?string $class,
        private ?string $enum,
        private bool $isFloat,
        private bool $isDownward,
        private ?ListOf $list,
        private ?Word $word,
        private ?NullFor $null,
    ) {
    }

    /**
     * @param class-string $class
     *
     * @return array<string, self> by the names of the constructor's parameters
     */
    public static function allOf(string $class): array
    {
        $all = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $type = $parameter->getType();
            $name = $type instanceof \ReflectionNamedType ? $type->getName() : '';
            $all[$parameter->getName()] = new self(
                field: self::attribute($parameter, Named::class)->name ?? $parameter->getName(),
                class: \class_exists($name) && !\enum_exists($name) ? $name : null,
                enum: \is_subclass_of($name, \BackedEnum::class) ? $name : null,
                isFloat: 'float' === $name,
                isDownward: null !== self::attribute($parameter, Downward::class),
                list: self::attribute($parameter, ListOf::class),
                word: self::attribute($parameter, Word::class),
                null: self::attribute($parameter, NullFor::class),
            );
        }

        return $all;
    }

    /** @param mixed $value of the field, valid */
    public function read(mixed $value): mixed
    {
        return match (true) {
            null === $value || (null !== $this->null && $value === $this->null->nothing) => null,
            null !== $this->word => $value === $this->word->word,
            $this->isFloat && \is_int($value) => (float) $value,
            $this->isDownward && \is_int($value) => YAxis::turned($value),
            $this->isDownward && \is_array($value) => YAxis::points(\array_filter($value, \is_int(...))),
            null !== $this->list && \is_array($value) => self::entries($this->list, $value),
            null !== $this->enum && (\is_string($value) || \is_int($value)) => $this->enum::from($value),
            null !== $this->class && \is_object($value) => ValueReader::read($this->class, $value),
            default => $value,
        };
    }

    /**
     * @param array<mixed> $entries
     *
     * @return array<int|string, object>
     */
    private static function entries(ListOf $list, array $entries): array
    {
        $values = [];
        foreach ($entries as $entry) {
            \assert($entry instanceof \stdClass);
            $value = ValueReader::read($list->class, $entry);
            $key = null === $list->by ? \count($values) : $value->{$list->by};
            \assert(\is_int($key) || \is_string($key));
            $values[$key] = $value;
        }

        return $values;
    }

    /**
     * @template Found of object
     *
     * @param class-string<Found> $class
     *
     * @return Found|null
     */
    private static function attribute(\ReflectionParameter $parameter, string $class): ?object
    {
        return ($parameter->getAttributes($class)[0] ?? null)?->newInstance();
    }
}
