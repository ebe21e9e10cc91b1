<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Layout\Stock;

/**
 * Films that are being filled: each piece goes on the first film that has room, in the rotation and position with the lowest end. A clone goes
 * on from the state of the other.
 */
final class Pass
{
    private const FAR = 1 << 40;

    /** @var list<FilmRows> */
    private array $films = [];

    /** @var array<int, array<int, array<int, int>>> by piece, film and turn: the row below which another that is equal finds no room */
    private array $from = [];

    /** @var list<Place> */
    private array $places = [];

    /** @var list<Piece> */
    private array $left = [];

    /** Area laid, in µm², and its moment about the beginning of the film, in µm³. */
    private float $area = 0.0;

    private float $moment = 0.0;

    /** @var list<int> length of the films before each */
    private array $before = [];

    /**
     * @param list<Stock> $stocks in the order in which they are filled
     * @param int         $across width of a raster cell, in µm
     * @param int         $along  its length along the film, in µm
     * @param int         $gap    between frames, in µm
     * @param list<Place> $pinned occupied places
     */
    public function __construct(
        private readonly array $stocks,
        private readonly int $across,
        private readonly int $along,
        private readonly int $gap,
        private readonly array $pinned = [],
    ) {
        $before = 0;
        foreach ($stocks as $stock) {
            $this->films[] = $this->film($stock);
            $this->before[] = $before;
            $before += $stock->length();
        }
        foreach ($pinned as $place) {
            $at = (int) \array_search($place->stock, \array_column($stocks, 'id'), true);
            $box = self::box($stocks[$at]);
            [$column, $row] = [\intdiv($place->x - $box->left, $across), \intdiv($place->y - $box->bottom, $along)];
            $rest = Affine::move($place->x - $box->left - $column * $across, $place->y - $box->bottom - $row * $along);
            $shape = $place->piece->grown($place->turn, $gap)->transform($rest);
            $this->films[$at]->take(Raster::of($shape, $across, $along), $row, $column);
        }
    }

    public function __clone()
    {
        $this->films = \array_map(static fn (FilmRows $film): FilmRows => clone $film, $this->films);
    }

    /** Places one more piece, or leaves it out if there is no room. */
    public function lay(Piece $piece): void
    {
        $own = \spl_object_id($piece);
        foreach (\array_keys($this->stocks) as $at) {
            $place = $this->placeOn($at, $piece);
            if (null === $place) {
                continue;
            }
            [$turn, $row, $column] = $place;
            $this->films[$at]->take($piece->raster($turn, $this->across, $this->along, $this->gap), $row, $column);
            $this->from[$own][$at][$turn] = $row;
            $box = self::box($this->stocks[$at]);
            [$x, $y] = [$box->left + $column * $this->across, $box->bottom + $row * $this->along];
            $this->places[] = $laid = new Place($piece, $turn, $x, $y, $this->stocks[$at]->id);
            $this->count($piece, $this->before[$at] + ($laid->y + $laid->top()) / 2);

            return;
        }
        $this->left[] = $piece;
        $this->count($piece, (float) \array_sum(\array_map(static fn (Stock $stock): int => $stock->length(), $this->stocks)));
    }

    /** Density: mean distance of the area from the film's start without waste, divided by the actual one. */
    public function density(): float
    {
        return 0.0 === $this->moment ? 1.0 : $this->area * $this->area / (2 * $this->moment * $this->stocks[0]->width());
    }

    /** The layout with its frames slid together. */
    public function nested(): Nested
    {
        return new Nested(Slide::down([...$this->pinned, ...$this->places], $this->stocks, $this->gap, \count($this->pinned)), $this->stocks, $this->left);
    }

    private function count(Piece $piece, float $along): void
    {
        $area = $piece->frame->area();
        $this->area += $area;
        $this->moment += $area * $along;
    }

    /** @return array{int, int, int}|null turn, row and column */
    private function placeOn(int $at, Piece $piece): ?array
    {
        $best = null;
        $least = self::FAR;
        $own = \spl_object_id($piece);
        foreach ($piece->turns as $turn) {
            $raster = $piece->raster($turn, $this->across, $this->along, $this->gap);
            $place = $this->films[$at]->place($raster, $this->from[$own][$at][$turn] ?? 0, $least - 1);
            if (null !== $place) {
                [$row, $column] = $place;
                [$best, $least] = [[$turn, $row, $column], $row + $raster->height()];
                $this->from[$own][$at][$turn] = $row;
            }
        }

        return $best;
    }

    private function film(Stock $stock): FilmRows
    {
        $box = self::box($stock);
        $half = Piece::half($this->gap);
        $film = new FilmRows(\intdiv($box->width() + 2 * $half, $this->across), \intdiv($box->height() + 2 * $half, $this->along));
        if ($stock->usable->area() < (float) $box->width() * $box->height()) {
            $grown = $stock->usable->offset($half);
            $outside = $box->grown($half + $this->across)->toRegion()->subtract($grown)->intersect($box->grown($half)->toRegion());
            $film->block(Raster::of($outside->transform(Affine::move($half - $box->left, $half - $box->bottom)), $this->across, $this->along));
        }

        return $film;
    }

    private static function box(Stock $stock): Box
    {
        return $stock->usable->bounds() ?? throw new \LogicException('A film has an area.');
    }
}
