<?php

declare(strict_types=1);

namespace Uvret\Design\Upgrade;

/**
 * Version 2 to 3: what lies on what was the order of the films, for all of a design at once; now each card has its depth. Cards get
 * it from the place of their film, where that is not what they lie like by themselves. Where films of one card lay between those of
 * another, depths can't say so: the order is kept, so that the difference can be told. Of a set-into, one card becomes a list.
 */
final readonly class DepthByFilm implements Step
{
    /** Forms lie beneath motifs and those beneath lines. */
    private const KINDS = ['forms', 'motifs', 'lines'];

    public function apply(\stdClass $document): void
    {
        $heights = [];
        foreach (self::objects($document->films ?? null) as $at => $film) {
            if (\is_string($film->id ?? null)) {
                $heights[$film->id] = $at;
            }
        }
        $depths = [];
        foreach (self::KINDS as $kind) {
            foreach (self::objects($document->{$kind} ?? null) as $card) {
                $depths[] = $heights[self::film($card)] ?? 0;
            }
        }
        if (self::isInterlaced($document, $heights)) {
            $document->formerly = \array_keys($heights);
        }
        $ordered = $depths;
        \sort($ordered);
        $number = 0;
        foreach (self::KINDS as $kind) {
            foreach (self::objects($document->{$kind} ?? null) as $card) {
                if ($depths !== $ordered && 0 !== $depths[$number]) {
                    $card->depth = $depths[$number];
                }
                ++$number;
                self::listInsets($card);
            }
        }
    }

    /**
     * Whether a film of one card lies between two of another.
     *
     * @param array<string, int> $heights
     */
    private static function isInterlaced(\stdClass $document, array $heights): bool
    {
        $spans = [];
        foreach (self::KINDS as $kind) {
            foreach (self::objects($document->{$kind} ?? null) as $card) {
                $own = \array_values(\array_intersect_key($heights, self::filmsOf($card)));
                if ([] !== $own) {
                    $spans[] = [\min($own), \max($own), $own];
                }
            }
        }
        foreach ($spans as $one => [$low, $high]) {
            foreach ($spans as $other => [, , $heightsOfOther]) {
                $between = \array_filter($heightsOfOther, static fn (int $height): bool => $height > $low && $height < $high);
                if ($one !== $other && [] !== $between) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<string, true> all films that something of a card is cut from */
    private static function filmsOf(mixed $card): array
    {
        $films = [];
        $values = \is_object($card) ? \get_object_vars($card) : (\is_array($card) ? $card : []);
        foreach ($values as $name => $value) {
            if ('film' === $name && \is_string($value)) {
                $films[$value] = true;
            } elseif (\is_object($value) || \is_array($value)) {
                $films += self::filmsOf($value);
            }
        }

        return $films;
    }

    private static function listInsets(\stdClass $card): void
    {
        $into = ($card->treatments ?? null) instanceof \stdClass ? $card->treatments->setInto ?? null : null;
        if ($into instanceof \stdClass && \is_string($into->card ?? null)) {
            $into->into = '' === $into->card ? 'none' : 'cards';
            $into->cards = '' === $into->card ? [] : [$into->card];
            unset($into->card);
        }
    }

    /** The film that its main part is cut from. */
    private static function film(\stdClass $card): string
    {
        $film = $card->film ?? self::objects($card->colours ?? null)[0]->film ?? null;

        return \is_string($film) ? $film : '';
    }

    /** @return list<\stdClass> */
    private static function objects(mixed $list): array
    {
        return \array_values(\array_filter(\is_array($list) ? $list : [], static fn (mixed $one): bool => $one instanceof \stdClass));
    }
}
