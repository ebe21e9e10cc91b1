<?php

declare(strict_types=1);

namespace Uvret\Design;

/** A copy of a value in which some parts are others, by name. */
trait Derived
{
    /** @param array<string, mixed> $changes by the names of constructor parameters, which are promoted properties */
    private function derive(array $changes): self
    {
        $class = new \ReflectionClass(self::class);
        $constructor = $class->getConstructor();
        \assert(null !== $constructor);
        $parts = [];
        foreach ($constructor->getParameters() as $parameter) {
            $name = $parameter->getName();
            $parts[$name] = \array_key_exists($name, $changes) ? $changes[$name] : $this->{$name};
        }
        // Constructors may be private.
        $copy = $class->newInstanceWithoutConstructor();
        $constructor->invokeArgs($copy, $parts);

        return $copy;
    }
}
