<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\ValueReader;
use Uvret\Design\Upgrade\Upgrades;

/**
 * Reads design documents strictly: brought up to the present version, checked against the JSON Schema, then for what a schema cannot
 * say. A document that lacks fields with defaults is completed with them.
 */
final readonly class DesignReader
{
    public const SCHEMA = __DIR__.'/design.schema.json';

    private Schema $schema;

    public function __construct()
    {
        $this->schema = new Schema(self::SCHEMA);
    }

    /** @throws DesignException with the path to the field that is wrong */
    public function fromJson(string $json): Design
    {
        try {
            $document = \json_decode($json, false, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw DesignException::notJson($e->getMessage());
        }

        return $this->fromDocument($document);
    }

    /**
     * @param mixed $document a decoded JSON document, objects as stdClass; it is upgraded and completed in place
     *
     * @throws DesignException with the path to the field that is wrong
     */
    public function fromDocument(mixed $document): Design
    {
        Upgrades::apply($document);
        $this->schema->validate($document);
        \assert($document instanceof \stdClass);
        $design = ValueReader::read(Design::class, $document);
        $this->check($design, $document);

        return $design;
    }

    /**
     * Completes how films are put on one another, apart from any design.
     *
     * @throws DesignException with the path to the field that is wrong
     */
    public function completeLayering(object $layering): void
    {
        $this->schema->validatePart($layering, 'layering');
    }

    /** @throws DesignException */
    private function check(Design $design, \stdClass $document): void
    {
        self::distinct(['films' => $design->films]);
        self::distinct(['lines' => $design->lines, 'forms' => $design->forms, 'motifs' => $design->motifs]);
        $known = \array_column($design->films, 'id', 'id');
        foreach (FieldWalk::of($this->schema->whole(), $document) as $field) {
            if ($field->names('film') && \is_string($field->value) && !isset($known[$field->value])) {
                throw DesignException::unknownFilm($field->path, $field->value);
            }
        }
        foreach ($design->lines as $number => $line) {
            if (0 === $line->size->length && !\in_array($line->size->by, [SizeBy::Area, SizeBy::Share, SizeBy::Turns], true)) {
                throw DesignException::noSize("lines/$number/size/length");
            }
        }
    }

    /**
     * @param array<string, list<Film|Card>> $lists whose entries each need an id of their own
     *
     * @throws DesignException
     */
    private static function distinct(array $lists): void
    {
        $seen = [];
        foreach ($lists as $name => $entries) {
            foreach ($entries as $number => $entry) {
                if (isset($seen[$entry->id])) {
                    throw DesignException::sameId("$name/$number/id", $entry->id);
                }
                $seen[$entry->id] = true;
            }
        }
    }
}
