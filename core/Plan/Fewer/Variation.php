<?php

declare(strict_types=1);

namespace Uvret\Plan\Fewer;

use Uvret\Design\DesignReader;
use Uvret\Design\FieldWalk;
use Uvret\Design\SchemaNode;

/**
 * A design document with fewer films. Documents are decoded JSON with objects as stdClass; the given one stays as it is.
 *
 * @phpstan-type TreatmentValues \stdClass&object{outlines: list<\stdClass&object{film: string}>, shadow: \stdClass&object{kind: string, film: string}, inline: \stdClass&object{film: string}}
 * @phpstan-type Card \stdClass&object{treatments: TreatmentValues}
 * @phpstan-type Varied \stdClass&object{films: list<object{id: string}>, lines: list<Card>, forms: list<Card>, motifs: list<Card>}
 */
final readonly class Variation
{
    /** All that is of one film, in another. */
    public static function merged(object $document, string $film, string $into): object
    {
        $next = self::copy($document);
        foreach (FieldWalk::of(SchemaNode::in(DesignReader::SCHEMA), $next) as $field) {
            if ($field->names('film') && $field->value === $film) {
                $field->owner->{$field->name} = $into;
            }
        }
        $next->films = self::without($next->films, $film);

        return $next;
    }

    /** Without the outlines and shadows of a film; inlines of it are cut out instead. */
    public static function bare(object $document, string $film): object
    {
        $next = self::copy($document);
        foreach ([...$next->lines, ...$next->forms, ...$next->motifs] as $card) {
            $treatments = $card->treatments;
            $treatments->outlines = \array_values(\array_filter($treatments->outlines, static fn (object $rim): bool => $rim->film !== $film));
            if ($treatments->shadow->film === $film) {
                $treatments->shadow->kind = 'none';
                $treatments->shadow->film = '';
            }
            if ($treatments->inline->film === $film) {
                $treatments->inline->film = '';
            }
        }

        return $next;
    }

    /**
     * @param list<object{id: string}> $films
     *
     * @return list<object{id: string}>
     */
    private static function without(array $films, string $film): array
    {
        return \array_values(\array_filter($films, static fn (object $one): bool => $one->id !== $film));
    }

    /** @return Varied */
    private static function copy(object $document): object
    {
        /** @var Varied $copy */
        $copy = \json_decode(\json_encode($document, \JSON_THROW_ON_ERROR), false, 64, \JSON_THROW_ON_ERROR);

        return $copy;
    }
}
