<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Checks films of a shop's rack, as JSON documents. */
final readonly class RackFilmReader
{
    public const SCHEMA = __DIR__.'/rack-film.schema.json';

    private Schema $schema;

    public function __construct()
    {
        $this->schema = new Schema(self::SCHEMA);
    }

    /**
     * Completes a film with the defaults of fields that it lacks.
     *
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws DesignException with the path to the field that is wrong
     */
    public function check(mixed $document): void
    {
        $this->schema->validate($document);
    }
}
