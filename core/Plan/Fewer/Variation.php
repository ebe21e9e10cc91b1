<?php

declare(strict_types=1);

namespace Uvret\Plan\Fewer;

/**
 * A design document with fewer films. Documents are decoded JSON with objects as stdClass; the given one stays as it is.
 *
 * @phpstan-type Treated \stdClass&object{outlines: list<\stdClass&object{film: string}>, shadow: \stdClass&object{kind: string, film: string}, inline: \stdClass&object{width: int, film: string}}
 * @phpstan-type Varied \stdClass&object{films: list<object{id: string}>, lines: list<\stdClass&object{film: string, letters: list<\stdClass&object{film: string}>, treatments: Treated}>, forms: list<\stdClass&object{film: string, treatments: Treated}>, motifs: list<\stdClass&object{colours: list<\stdClass&object{film: string}>, treatments: Treated}>}
 */
final readonly class Variation
{
    /** All that is of one film, in another. */
    public static function merged(object $document, string $film, string $into): object
    {
        $next = self::copy($document);
        $other = static fn (string $own): string => $own === $film ? $into : $own;
        foreach ($next->lines as $line) {
            $line->film = $other($line->film);
            foreach ($line->letters as $letter) {
                $letter->film = $other($letter->film);
            }
        }
        foreach ($next->forms as $form) {
            $form->film = $other($form->film);
        }
        foreach ($next->motifs as $motif) {
            foreach ($motif->colours as $colour) {
                $colour->film = $other($colour->film);
            }
        }
        foreach ([...$next->lines, ...$next->forms, ...$next->motifs] as $card) {
            foreach ($card->treatments->outlines as $rim) {
                $rim->film = $other($rim->film);
            }
            $card->treatments->shadow->film = $other($card->treatments->shadow->film);
            $card->treatments->inline->film = $other($card->treatments->inline->film);
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
