<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Reads a shop's blanks strictly: a drawing, fabrics, and sizes with their placements. */
final readonly class ShopBlankReader
{
    public const SCHEMA = __DIR__.'/shop-blank.schema.json';

    private Schema $schema;

    public function __construct()
    {
        $this->schema = new Schema(self::SCHEMA);
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws DesignException with the path to the field that is wrong
     */
    public function check(mixed $document): void
    {
        $this->schema->validate($document);
        /** @var object{sizes: list<object{size: string, placements: list<object{id: string}>}>} $document */
        self::distinct('sizes', \array_column($document->sizes, 'size'));
        foreach ($document->sizes as $number => $size) {
            self::distinct("sizes/$number/placements", \array_column($size->placements, 'id'));
        }
    }

    /** Fills in the defaults that a blank of an earlier version lacks. */
    public static function complete(mixed $document): void
    {
        SchemaNode::in(self::SCHEMA)->complete($document);
    }

    /** @param list<string> $names */
    private static function distinct(string $path, array $names): void
    {
        foreach (\array_count_values($names) as $name => $times) {
            if ($times > 1) {
                throw DesignException::at($path, "has “{$name}” twice: each must have its own name.");
            }
        }
    }
}
