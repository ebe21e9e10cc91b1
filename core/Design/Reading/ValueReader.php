<?php

declare(strict_types=1);

namespace Uvret\Design\Reading;

/**
 * Documents to values, by name: each parameter of a value's constructor is the field of that name, enums and values within it read
 * likewise. Documents are valid and complete, as Schema leaves them: there are no defaults here.
 */
final class ValueReader
{
    /** @var array<class-string, array<string, Parameter>> by class and parameter */
    private static array $parameters = [];

    /**
     * @template Value of object
     *
     * @param class-string<Value> $class
     *
     * @return Value
     */
    public static function read(string $class, object $document): object
    {
        \assert($document instanceof \stdClass);
        if (\is_subclass_of($class, ReadsItself::class)) {
            $value = $class::read($document);
            \assert($value instanceof $class);

            return $value;
        }
        self::$parameters[$class] ??= Parameter::allOf($class);
        $arguments = [];
        foreach (self::$parameters[$class] as $name => $parameter) {
            $arguments[$name] = $parameter->read($document->{$parameter->field} ?? null);
        }

        return new $class(...$arguments);
    }
}
