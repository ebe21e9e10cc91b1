<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\Card;
use Uvret\Design\Design;
use Uvret\Design\Line;
use Uvret\Geometry\Affine;

/**
 * Places cards that belong to others: by their centres, rotated and hidden with the other card. Lines that follow or fill a form moved
 * this way move along.
 */
final class Belongings
{
    /** @var array<string, list<Part>> by card */
    private array $parts = [];

    /** @var array<string, Card> */
    private array $cards = [];

    /** @var array<string, array{int, int}> offsets of moved cards, right and up */
    private array $moves = [];

    /** @var array<string, Card> */
    private readonly array $owners;

    /** @param list<Part> $parts of all cards, before they are attached */
    public function __construct(Design $design, array $parts)
    {
        $this->owners = $design->owners();
        foreach ([...$design->lines, ...$design->forms, ...$design->motifs] as $card) {
            $this->cards[$card->id] = $card;
        }
        foreach ($parts as $part) {
            $this->parts[$part->card][] = $part;
        }
    }

    /** @return list<Part> */
    public function placed(): array
    {
        if ([] === $this->owners) {
            return \array_merge(...\array_values($this->parts));
        }
        foreach ($this->cards as $card) {
            $this->place($card);
        }

        return \array_merge(...\array_values($this->parts));
    }

    /** @return array{int, int} its displacement */
    private function place(Card $card): array
    {
        if (isset($this->moves[$card->id])) {
            return $this->moves[$card->id];
        }
        // Breaks circles.
        $this->moves[$card->id] = [0, 0];
        $form = $card instanceof Line ? $this->cards[$card->form()] ?? null : null;
        $owner = $this->owners[$card->id] ?? null;
        if (null !== $owner) {
            $this->place($owner);
        }
        if (null !== $form && $form !== $card) {
            $this->moves[$card->id] = $this->place($form);
        } elseif (null !== $owner) {
            $this->moves[$card->id] = $this->wayTo($owner, $card);
        }
        $move = $this->moves[$card->id];
        $isHidden = null !== $owner && true === ($this->parts[$owner->id][0] ?? null)?->hidden;
        $this->parts[$card->id] = \array_map(
            static fn (Part $part): Part => $isHidden ? $part->moved(...$move)->hid() : $part->moved(...$move),
            $this->parts[$card->id] ?? [],
        );

        return $move;
    }

    /** @return array{int, int} */
    private function wayTo(Card $owner, Card $card): array
    {
        $to = $this->parts[$owner->id][0] ?? null;
        $own = $this->parts[$card->id][0] ?? null;
        if (null === $to || null === $own || null === $to->ink || null === $own->ink) {
            return [0, 0];
        }
        if (100.0 !== $card->belongs->scale) {
            $this->parts[$card->id] = \array_map(
                static fn (Part $part): Part => $part->scaled($card->belongs->scale / 100, $own->middleX, $own->middleY),
                $this->parts[$card->id],
            );
        }
        $turn = Affine::turn(-$to->turn);
        [$x, $y] = [$card->belongs->x, $card->belongs->y];
        // Round lines are placed by their centre.
        $isRound = $card instanceof Line && $card->follows->path->isPlaced() && null !== $own->handles?->circle;
        [$middleX, $middleY] = $isRound ? $own->handles->circle : [$own->middleX, $own->middleY];

        return [
            $to->middleX + (int) \round($turn->a * $x + $turn->c * $y) - $middleX,
            $to->middleY + (int) \round($turn->b * $x + $turn->d * $y) - $middleY,
        ];
    }
}
