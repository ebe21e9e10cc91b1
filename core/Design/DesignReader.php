<?php

declare(strict_types=1);

namespace Uvret\Design;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Uvret\Geometry\Unit;

/**
 * Reads design documents strictly: first against the JSON Schema, then for what a schema cannot say.
 *
 * @phpstan-type BlankDocument object{id: string, name: string, drawing: string, size: string, width: int, fabric: object{name: string, colour: string}, placement: object{id: string, name: string, width: int, height: int, across: int, down: int, from: list<object{edge: string, distance: int}>}}
 * @phpstan-type FilmDocument object{id: string, name: string, colour: string, finish: string, width: int, thickness: int, bladeSide: string}
 * @phpstan-type LineDocument object{id: string, words: string, font: string, film: string, size: object{by: string, length: int}, spacing: int, align: string, gap: int, shift: int, alignTo: string, turn: int|float, stretch: int|float, hidden: bool, locked: bool}
 * @phpstan-type DesignDocument object{uvret: int, name: string, unit: string, blank: BlankDocument, films: list<FilmDocument>, stack: string, lines: list<LineDocument>}
 */
final class DesignReader
{
    public const SCHEMA = __DIR__.'/design.schema.json';

    private ?Validator $validator = null;

    private ?object $schema = null;

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
     * @param mixed $document a decoded JSON document, objects as stdClass
     *
     * @throws DesignException with the path to the field that is wrong
     */
    public function fromDocument(mixed $document): Design
    {
        $this->validate($document);
        /** @var DesignDocument $document */
        $films = \array_map(self::film(...), $document->films);
        self::distinct('films', \array_column($document->films, 'id'));
        self::distinct('lines', \array_column($document->lines, 'id'));
        $known = \array_column($document->films, 'id');
        foreach ($document->lines as $number => $line) {
            if (!\in_array($line->film, $known, true)) {
                throw DesignException::unknownFilm("lines/$number/film", $line->film);
            }
            if (0 === $line->size->length && SizeBy::Area->value !== $line->size->by) {
                throw DesignException::noSize("lines/$number/size/length");
            }
        }

        return new Design($document->name, Unit::from($document->unit), self::blank($document->blank), $films, Stack::from($document->stack), \array_map(self::line(...), $document->lines));
    }

    private function validate(mixed $document): void
    {
        $this->validator ??= new Validator(null, 1);
        $schema = $this->schema ??= self::schema();
        $error = $this->validator->validate($document, $schema)->error();
        if (null === $error) {
            return;
        }
        throw self::explain(self::innermost($error));
    }

    /** The error that names the field; those around it only say that something below is wrong. */
    private static function innermost(ValidationError $error): ValidationError
    {
        $below = $error->subErrors()[0] ?? null;

        return $below instanceof ValidationError ? self::innermost($below) : $error;
    }

    private static function explain(ValidationError $error): DesignException
    {
        /** @var list<string|int> $steps */
        $steps = $error->data()->fullPath();
        $path = \implode('/', $steps);
        $below = static fn (mixed $field): string => \ltrim($path.'/'.(\is_string($field) ? $field : ''), '/');
        $of = static fn (string $name): string => \is_scalar($value = $error->args()[$name] ?? null) ? (string) $value : '';
        /** @var list<string> $fields */
        $fields = (array) ($error->args()['properties'] ?? $error->args()['missing'] ?? []);

        return match ($error->keyword()) {
            'additionalProperties' => DesignException::unknownField($below($fields[0] ?? '')),
            'required' => DesignException::missingField($below($fields[0] ?? '')),
            'type' => DesignException::at($path, 'must be '.self::typeName($error->args()['expected'] ?? '').'.'),
            'enum' => DesignException::at($path, 'is none of the values that it can have.'),
            'const' => DesignException::at($path, 'is not the version that is read here.'),
            'minimum' => DesignException::at($path, "must be at least {$of('min')}."),
            'maximum' => DesignException::at($path, "must be at most {$of('max')}."),
            'minLength' => DesignException::at($path, 'must not be empty.'),
            'maxLength' => DesignException::at($path, "must have at most {$of('max')} characters."),
            'minItems' => DesignException::at($path, "must have at least {$of('min')} entries."),
            'maxItems' => DesignException::at($path, "must have at most {$of('max')} entries."),
            'pattern' => DesignException::at($path, 'has characters that it cannot have.'),
            default => DesignException::at($path, 'is not right ('.$error->keyword().').'),
        };
    }

    private static function typeName(mixed $expected): string
    {
        return match ($expected) {
            'integer' => 'a whole number',
            'string' => 'text',
            'array' => 'a list',
            'object' => 'an object',
            default => 'of another type',
        };
    }

    private static function schema(): object
    {
        $schema = \json_decode((string) \file_get_contents(self::SCHEMA), false, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_object($schema));

        return $schema;
    }

    /** @param list<string> $ids */
    private static function distinct(string $path, array $ids): void
    {
        $seen = [];
        foreach ($ids as $number => $id) {
            if (isset($seen[$id])) {
                throw DesignException::sameId("$path/$number/id", $id);
            }
            $seen[$id] = true;
        }
    }

    /** @param BlankDocument $blank */
    private static function blank(object $blank): Blank
    {
        $placement = $blank->placement;
        $from = \array_map(static fn (object $measure): array => ['edge' => $measure->edge, 'distance' => $measure->distance], $placement->from);

        return new Blank(
            $blank->id,
            $blank->name,
            $blank->drawing,
            $blank->size,
            $blank->width,
            $blank->fabric->name,
            $blank->fabric->colour,
            new Placement($placement->id, $placement->name, $placement->width, $placement->height, $placement->across, $placement->down, $from),
        );
    }

    /** @param FilmDocument $film */
    private static function film(object $film): Film
    {
        return new Film($film->id, $film->name, $film->colour, $film->finish, $film->width, $film->thickness, 'mirrored' === $film->bladeSide);
    }

    /** @param LineDocument $line */
    private static function line(object $line): Line
    {
        return new Line($line->id, $line->words, $line->font, $line->film, new Size(SizeBy::from($line->size->by), $line->size->length), $line->spacing, Align::from($line->align), $line->gap, $line->shift, 'above' === $line->alignTo, (float) $line->turn, (float) $line->stretch, $line->hidden, $line->locked);
    }
}
