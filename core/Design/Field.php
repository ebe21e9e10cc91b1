<?php

declare(strict_types=1);

namespace Uvret\Design;

/** A field of a document with what the schema says of it. */
final readonly class Field
{
    /**
     * @param string    $path  like lines/0/size/length
     * @param \stdClass $owner the object that has the field
     */
    public function __construct(
        public string $path,
        public string $name,
        public mixed $value,
        public \stdClass $owner,
        public SchemaNode $schema,
    ) {
    }

    /** Whether it has an id of that kind of thing, like film, and not none. */
    public function names(string $kind): bool
    {
        return $kind === $this->schema->word('names') && \is_string($this->value) && '' !== $this->value;
    }
}
