<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Design\Card as DesignCard;
use Uvret\Design\Treatment\Copies;
use Uvret\Design\Treatment\CopyKind;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Copies cards, including cards that belong to them and their own copies. */
final class Copying
{
    /** @var array<string, list<Affine>> transforms of all copies of a card */
    private array $places = [];

    /**
     * @param array<string, DesignCard> $owners owners by the ids of the cards that belong to them
     * @param array<string, Card>       $cards  by their ids
     */
    public function __construct(
        private readonly array $owners,
        private readonly array $cards,
    ) {
    }

    public function copy(Card $card): void
    {
        $ink = $card->base[0]->ink ?? null;
        $copies = $card->treatments->copies;
        $own = null === $ink ? [] : self::places($copies, $ink);
        $owned = $this->placesOfOwner($card->id);
        if (!$card->isSeen() || \count($own) * \count($owned) < 2) {
            return;
        }
        $isOther = \array_map(static fn (int $number): bool => self::isOther($copies, $number), \array_keys($own));
        $base = [];
        foreach ([false, true] as $other) {
            $places = [];
            foreach ($own as $number => $place) {
                if ($isOther[$number] === $other) {
                    \array_push($places, ...\array_map($place->then(...), $owned));
                }
            }
            foreach ($card->base as $number => $part) {
                $shapes = \array_map($part->region->transform(...), $places);
                $part = $part->with(1 === \count($shapes) ? $shapes[0] : Region::empty()->union(...$shapes));
                if (!$other || ('' !== $copies->film && !$part->region->isEmpty())) {
                    $base[] = $other ? $part->in($copies->film) : $part;
                }
            }
        }
        $card->replace($base);
    }

    /** Whether a copy uses the other film; in a grid, counted along diagonals, so that columns never form. */
    private static function isOther(Copies $copies, int $number): bool
    {
        if ('' === $copies->film || CopyKind::None === $copies->kind) {
            return false;
        }
        $place = CopyKind::Grid === $copies->kind ? $number % $copies->across + \intdiv($number, $copies->across) : $number;

        return $place % $copies->every === $copies->every - 1;
    }

    /** @return non-empty-list<Affine> transforms of the owner's copies, the owner first */
    private function placesOfOwner(string $card): array
    {
        $owner = $this->owners[$card] ?? null;
        if (null === $owner) {
            return [Affine::identity()];
        }
        if (!isset($this->places[$owner->id])) {
            $ink = ($this->cards[$owner->id] ?? null)?->base[0]->ink;
            $own = null === $ink ? [Affine::identity()] : self::places($owner->treatments->copies, $ink);
            $this->places[$owner->id] = [];
            foreach ($this->placesOfOwner($owner->id) as $place) {
                foreach ($own as $copy) {
                    $this->places[$owner->id][] = $copy->then($place);
                }
            }
        }

        return [] === $this->places[$owner->id] ? [Affine::identity()] : $this->places[$owner->id];
    }

    /** @return non-empty-list<Affine> transforms of a card and its copies, by rows, or clockwise from the top */
    private static function places(Copies $copies, Box $ink): array
    {
        switch ($copies->kind) {
            case CopyKind::None:
                return [Affine::identity()];
            case CopyKind::Grid:
                $places = [];
                for ($row = 0; $row < $copies->down; ++$row) {
                    for ($column = 0; $column < $copies->across; ++$column) {
                        $places[] = Affine::move($column * ($ink->width() + $copies->gap), -$row * ($ink->height() + $copies->gap));
                    }
                }

                return [] === $places ? [Affine::identity()] : $places;
            case CopyKind::Mirrored:
                return [Affine::identity(), Affine::mirror()->then(Affine::move(2 * $ink->right + $copies->gap, 0))];
            case CopyKind::Around:
                $x = \intdiv($ink->left + $ink->right, 2);
                $y = \intdiv($ink->bottom + $ink->top, 2) - $copies->radius;
                $turn = static fn (float $by): Affine => 0.0 === $by
                    ? Affine::identity()
                    : Affine::move(-$x, -$y)->then(Affine::turn(-$by))->then(Affine::move($x, $y));

                return \array_map(
                    static fn (int $number): Affine => $turn($copies->turn + 360 * $number / $copies->count),
                    \range(0, $copies->count - 1),
                );
        }
    }
}
