<?php

declare(strict_types=1);

namespace Uvret\Cut\Frame;

use Uvret\Compose\Composition;
use Uvret\Compose\Part;
use Uvret\Design\Design;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Groups ink into units weeded together: the pieces of a word, a form or a motif. */
final readonly class Words
{
    /** @param list<array{string, Box}> $places bounds of letters with their word, and of cards without letters */
    private function __construct(private array $places)
    {
    }

    public static function of(Design $design, Composition $composition): self
    {
        $places = [];
        foreach ($composition->worn() as $part) {
            $words = $design->line($part->card)?->lettering->words;
            if (null !== $words && [] !== $part->letters) {
                \array_push($places, ...self::letters($part, $words));
            } elseif (null === $words && null !== $part->ink) {
                $places[] = [$part->card, $part->ink];
            }
        }

        return new self($places);
    }

    /**
     * The pieces of a layer by word.
     *
     * @return list<non-empty-list<Region>>
     */
    public function in(Region $layer): array
    {
        $words = [];
        foreach ($layer->pieces() as $number => $piece) {
            $box = $piece->bounds() ?? throw new \LogicException('A piece has bounds.');
            $most = 0.0;
            $found = "piece $number";
            foreach ($this->places as [$word, $place]) {
                $width = \min($box->right, $place->right) - \max($box->left, $place->left);
                $height = \min($box->top, $place->top) - \max($box->bottom, $place->bottom);
                // The share of the smaller of the two: a letter in a form's box is still its word's.
                $share = $width <= 0 || $height <= 0 ? 0.0 : $width * (float) $height
                    / \max(1.0, $place->width() * (float) $place->height());
                if ($share > $most) {
                    [$most, $found] = [$share, $word];
                }
            }
            $words[$found][] = $piece;
        }

        return \array_values($words);
    }

    /** @return list<array{string, Box}> */
    private static function letters(Part $part, string $words): array
    {
        $letters = [];
        foreach ($part->letters as $at => $box) {
            $before = \mb_substr($words, 0, $at);
            $letters[] = [$part->card.' '.\preg_match_all('/\s+/u', $before), $box];
        }

        return $letters;
    }
}
