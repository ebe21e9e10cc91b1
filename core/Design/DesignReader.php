<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Fill\Edge;
use Uvret\Design\Fill\EdgeShape;
use Uvret\Design\Fill\Fills;
use Uvret\Design\Follow\Arc;
use Uvret\Design\Follow\ArcBy;
use Uvret\Design\Follow\Brim;
use Uvret\Design\Follow\Ends;
use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Follow\Follows;
use Uvret\Design\Follow\Outline;
use Uvret\Design\Follow\Placing;
use Uvret\Design\Follow\Ring;
use Uvret\Design\Follow\RingPart;
use Uvret\Design\Follow\Sits;
use Uvret\Design\Follow\Spiral;
use Uvret\Design\Layering\JointChoice;
use Uvret\Design\Layering\JointKind;
use Uvret\Design\Layering\Layering;
use Uvret\Design\Layering\MarkKind;
use Uvret\Design\Treatment\Clean;
use Uvret\Geometry\Unit;

/**
 * Reads design documents strictly: first against the JSON Schema, then for what a schema cannot say. A document
 * that lacks fields with defaults, like an older one, is completed with them.
 *
 * @phpstan-type BlankDocument object{id: string, name: string, drawing: string, size: string, width: int, fabric: object{name: string, colour: string}, placement: object{id: string, name: string, width: int, height: int, across: int, down: int, from: list<object{edge: string, distance: int}>, brim?: object{edge: int, crown: int}}}
 * @phpstan-type FilmDocument object{id: string, name: string, colour: string, finish: string, width: int, thickness: int, bladeSide: string, carries: string, opaque: bool}
 * @phpstan-type LetterDocument object{at: int, kern: int|float, along: int|float, across: int|float, turn: int|float, scale: int|float, features: list<string>, glyph: int, film: string}
 * @phpstan-type FollowsDocument object{path: string, arc: object{by: string, radius: int, rise: int, angle: int|float, bows: string}, ring: object{radius: int, part: string, tops: string, with: string, across: int, down: int, ends: string, gap: int}, brim: object{inset: int, span: int|float, part: string}, spiral: object{inner: int, pitch: int|float, from: string, across: int, down: int}, outline: object{shape: string, side: string, start: int|float}, sits: string, lift: int, letters: string, evening: int|float}
 * @phpstan-type EdgeDocument object{shape: string, rise: int, pull: int|float, left: int, right: int}
 * @phpstan-type FillsDocument object{top: EdgeDocument, bottom: EdgeDocument, form: string, inset: int, widths: string}
 * @phpstan-type RimDocument object{width: int, film: string, corner: string, holes: string, smallest: int, near: string, around: string}
 * @phpstan-type TreatmentsDocument object{group: string, erased: list<object{id: string, points: list<int>, hidden: bool, of: object{width: int, height: int, turn: int|float}}>, copies: object{kind: string, across: int, down: int, gap: int, count: int, radius: int}, outlines: list<RimDocument>, shadow: object{kind: string, angle: int|float, length: int, gap: int, film: string, around: string}, inline: object{width: int, distance: int, film: string}, setInto: object{card: string, clearance: int, corner: string, keep: bool}, cutFrom: object{card: string, islands: string, bridge: int}}
 * @phpstan-type MotifDocument object{id: string, name: string, width: int, height: int, colours: list<object{colour: string, film: string, path: string}>, across: int, down: int, turn: int|float, proportional: bool, hidden: bool, locked: bool, treatments: TreatmentsDocument}
 * @phpstan-type FormDocument object{id: string, kind: string, film: string, width: int, height: int, corner: int, band: int, count: int, depth: int|float, across: int, down: int, turn: int|float, proportional: bool, guide: bool, hidden: bool, locked: bool, treatments: TreatmentsDocument}
 * @phpstan-type LineDocument object{id: string, words: string, font: string, film: string, size: object{by: string, length: int}, spacing: int, align: string, gap: int, shift: int, alignTo: string, turn: int|float, stretch: int|float, hidden: bool, locked: bool, language: string, features: list<string>, wordForms: bool, joins: string, letters: list<LetterDocument>, tight: bool, follows: FollowsDocument, fills: FillsDocument, treatments: TreatmentsDocument}
 * @phpstan-type LayeringDocument object{usual: object{kind: string, width: int}, joints: list<object{film: string, other: string, kind: string, width: int}>, marks: string, thickest: int}
 * @phpstan-type DesignDocument object{uvret: int, name: string, unit: string, blank: BlankDocument, films: list<FilmDocument>, stack: string, lines: list<LineDocument>, forms: list<FormDocument>, motifs: list<MotifDocument>, clean: object{hole: int, speck: int, spike: int, gap: int, kept: list<object{card: string, x: int, y: int}>}, layering: LayeringDocument}
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
        self::distinct('forms', \array_column($document->forms, 'id'), \array_column($document->lines, 'id'));
        self::distinct('motifs', \array_column($document->motifs, 'id'), [...\array_column($document->lines, 'id'), ...\array_column($document->forms, 'id')]);
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

        foreach ($document->forms as $number => $form) {
            if (!\in_array($form->film, $known, true)) {
                throw DesignException::unknownFilm("forms/$number/film", $form->film);
            }
        }

        foreach ($document->motifs as $number => $motif) {
            foreach ($motif->colours as $place => $colour) {
                if ('' !== $colour->film && !\in_array($colour->film, $known, true)) {
                    throw DesignException::unknownFilm("motifs/$number/colours/$place/film", $colour->film);
                }
            }
        }
        foreach (['lines' => $document->lines, 'forms' => $document->forms, 'motifs' => $document->motifs] as $list => $cards) {
            foreach ($cards as $number => $card) {
                self::knownFilms("$list/$number/treatments", $card->treatments, $known);
            }
        }

        return new Design($document->name, Unit::from($document->unit), self::blank($document->blank), $films, Stack::from($document->stack), \array_map(self::line(...), $document->lines), \array_map(self::form(...), $document->forms), \array_map(self::motif(...), $document->motifs), self::clean($document->clean), self::layering($document->layering));
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

    /**
     * @param list<string> $ids
     * @param list<string> $taken
     */
    private static function distinct(string $path, array $ids, array $taken = []): void
    {
        $seen = \array_fill_keys($taken, true);
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
            new Placement($placement->id, $placement->name, $placement->width, $placement->height, $placement->across, $placement->down, $from, isset($placement->brim) ? new BrimRing($placement->brim->edge, $placement->brim->crown) : null),
        );
    }

    /** @param FilmDocument $film */
    private static function film(object $film): Film
    {
        return new Film($film->id, $film->name, $film->colour, $finish = Finish::from($film->finish), $film->width, $film->thickness, 'mirrored' === $film->bladeSide, 'by finish' === $film->carries ? $finish->carries() : 'films' === $film->carries, $film->opaque);
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
        return new Line($line->id, $line->words, $line->font, $line->film, new Size(SizeBy::from($line->size->by), $line->size->length), $line->spacing, Align::from($line->align), $line->gap, $line->shift, 'above' === $line->alignTo, (float) $line->turn, (float) $line->stretch, $line->hidden, $line->locked, $line->language, $line->features, $line->wordForms, Joins::from($line->joins), self::letters($line->letters), $line->tight, self::follows($line->follows), new Fills(self::edge($line->fills->top), self::edge($line->fills->bottom), $line->fills->form, $line->fills->inset, 'by height' === $line->fills->widths), TreatmentsReader::read($line->treatments));
    }

    /** @param FollowsDocument $follows */
    private static function follows(object $follows): Follows
    {
        [$arc, $ring, $brim, $spiral, $outline] = [$follows->arc, $follows->ring, $follows->brim, $follows->spiral, $follows->outline];

        return new Follows(
            FollowPath::from($follows->path),
            new Arc(ArcBy::from($arc->by), $arc->radius, $arc->rise, (float) $arc->angle, 'down' === $arc->bows),
            new Ring($ring->radius, RingPart::from($ring->part), 'inwards' === $ring->tops, $ring->with, $ring->across, $ring->down, Ends::from($ring->ends), $ring->gap),
            new Brim($brim->inset, (float) $brim->span, RingPart::from($brim->part)),
            new Spiral($spiral->inner, (float) $spiral->pitch, 'inside' === $spiral->from, $spiral->across, $spiral->down),
            new Outline($outline->shape, 'inside' === $outline->side, (float) $outline->start),
            Sits::from($follows->sits),
            $follows->lift,
            Placing::from($follows->letters),
            (float) $follows->evening,
        );
    }

    /** @param EdgeDocument $edge */
    private static function edge(object $edge): Edge
    {
        return new Edge(EdgeShape::from($edge->shape), $edge->rise, (float) $edge->pull, $edge->left, $edge->right);
    }

    /** @param FormDocument $form */
    private static function form(object $form): Form
    {
        return new Form($form->id, FormKind::from($form->kind), $form->film, $form->width, $form->height, $form->corner, $form->band, $form->count, (float) $form->depth, $form->across, $form->down, (float) $form->turn, $form->guide, $form->hidden, $form->locked, TreatmentsReader::read($form->treatments));
    }

    /** @param MotifDocument $motif */
    private static function motif(object $motif): Motif
    {
        $colours = \array_map(static fn (object $colour): MotifColour => new MotifColour($colour->colour, '' === $colour->film ? null : $colour->film, $colour->path), $motif->colours);

        return new Motif($motif->id, $motif->name, $motif->width, $motif->height, $colours, $motif->across, $motif->down, (float) $motif->turn, $motif->hidden, $motif->locked, TreatmentsReader::read($motif->treatments));
    }

    /** @param LayeringDocument $layering */
    private static function layering(object $layering): Layering
    {
        $joints = [];
        foreach ($layering->joints as $joint) {
            $joints[Layering::key($joint->film, $joint->other)] = new JointChoice(JointKind::from($joint->kind), $joint->width);
        }

        return new Layering(new JointChoice(JointKind::from($layering->usual->kind), $layering->usual->width), $joints, MarkKind::from($layering->marks), $layering->thickest);
    }

    /** @param object{hole: int, speck: int, spike: int, gap: int, kept: list<object{card: string, x: int, y: int}>} $clean */
    private static function clean(object $clean): Clean
    {
        return new Clean($clean->hole, $clean->speck, $clean->spike, $clean->gap, \array_map(static fn (object $kept): array => ['card' => $kept->card, 'x' => $kept->x, 'y' => -$kept->y], $clean->kept));
    }

    /**
     * @param TreatmentsDocument $treatments
     * @param list<string>       $known
     *
     * @throws DesignException
     */
    private static function knownFilms(string $path, object $treatments, array $known): void
    {
        $films = ["$path/shadow/film" => $treatments->shadow->film, "$path/inline/film" => $treatments->inline->film];
        foreach ($treatments->outlines as $number => $rim) {
            $films["$path/outlines/$number/film"] = $rim->film;
        }
        foreach ($films as $field => $film) {
            if ('' !== $film && !\in_array($film, $known, true)) {
                throw DesignException::unknownFilm($field, $film);
            }
        }
    }
}
