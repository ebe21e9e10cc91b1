<?php

declare(strict_types=1);

namespace Uvret\Design\Reading;

use Uvret\Design\DesignReader;
use Uvret\Design\SchemaNode;

/** Values that are as the schema has them where nothing else is said. */
final class Defaults
{
    /**
     * @template Value of object
     *
     * @param class-string<Value>  $class
     * @param string               $definition the name of its definition in the schema
     * @param array<string, mixed> $given      what is said of it, as in a document
     *
     * @return Value
     */
    public static function of(string $class, string $definition, array $given = []): object
    {
        $document = \json_decode(\json_encode((object) $given, \JSON_THROW_ON_ERROR));
        \assert($document instanceof \stdClass);
        SchemaNode::in(DesignReader::SCHEMA, $definition)->complete($document);

        return ValueReader::read($class, $document);
    }
}
