<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Geometry\Unit;

/**
 * Reads design documents strictly: first against the JSON Schema, then for what a schema cannot say. A document
 * that lacks fields with defaults, like an older one, is completed with them.
 *
 * @phpstan-type BlankDocument object{id: string, name: string, drawing: string, size: string, width: int, fabric: object{name: string, colour: string}, placement: object{id: string, name: string, width: int, height: int, across: int, down: int, from: list<object{edge: string, distance: int}>}}
 * @phpstan-type FilmDocument object{id: string, name: string, colour: string, finish: string, width: int, thickness: int, bladeSide: string}
 * @phpstan-type LetterDocument object{at: int, kern: int|float, along: int|float, across: int|float, turn: int|float, scale: int|float, features: list<string>, glyph: int, film: string}
 * @phpstan-type LineDocument object{id: string, words: string, font: string, film: string, size: object{by: string, length: int}, spacing: int, align: string, gap: int, shift: int, alignTo: string, turn: int|float, stretch: int|float, hidden: bool, locked: bool, language: string, features: list<string>, wordForms: bool, joins: string, letters: list<LetterDocument>, tight: bool}
 * @phpstan-type DesignDocument object{uvret: int, name: string, unit: string, blank: BlankDocument, films: list<FilmDocument>, stack: string, lines: list<LineDocument>}
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
     * @param mixed $document a decoded JSON document, objects as stdClass
     *
     * @throws DesignException with the path to the field that is wrong
     */
    public function fromDocument(mixed $document): Design
    {
        $this->schema->validate($document);
        /** @var DesignDocument $document */
        $films = \array_map(self::film(...), $document->films);
        self::distinct('films', \array_column($document->films, 'id'));
        self::distinct('lines', \array_column($document->lines, 'id'));
        $known = \array_column($document->films, 'id');
        foreach ($document->lines as $number => $line) {
            if (!\in_array($line->film, $known, true)) {
                throw DesignException::unknownFilm("lines/$number/film", $line->film);
            }
            foreach ($line->letters as $place => $letter) {
                if ('' !== $letter->film && !\in_array($letter->film, $known, true)) {
                    throw DesignException::unknownFilm("lines/$number/letters/$place/film", $letter->film);
                }
            }
            if (0 === $line->size->length && SizeBy::Area->value !== $line->size->by) {
                throw DesignException::noSize("lines/$number/size/length");
            }
        }

        return new Design($document->name, Unit::from($document->unit), self::blank($document->blank), $films, Stack::from($document->stack), \array_map(self::line(...), $document->lines));
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

    /**
     * @param list<LetterDocument> $letters
     *
     * @return array<int, Letter>
     */
    private static function letters(array $letters): array
    {
        $byPlace = [];
        foreach ($letters as $letter) {
            $byPlace[$letter->at] = new Letter($letter->at, (float) $letter->kern, (float) $letter->along, (float) $letter->across, (float) $letter->turn, (float) $letter->scale, $letter->features, $letter->glyph < 0 ? null : $letter->glyph, '' === $letter->film ? null : $letter->film);
        }

        return $byPlace;
    }

    /** @param LineDocument $line */
    private static function line(object $line): Line
    {
        return new Line($line->id, $line->words, $line->font, $line->film, new Size(SizeBy::from($line->size->by), $line->size->length), $line->spacing, Align::from($line->align), $line->gap, $line->shift, 'above' === $line->alignTo, (float) $line->turn, (float) $line->stretch, $line->hidden, $line->locked, $line->language, $line->features, $line->wordForms, Joins::from($line->joins), self::letters($line->letters), $line->tight);
    }
}
