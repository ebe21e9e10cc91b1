<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Uvret\App\Api\Shape\FilmSettings;
use Uvret\App\Api\Shape\ShopLayout;
use Uvret\App\Entity\FilmLayout;
use Uvret\Geometry\Box;
use Uvret\Layout\Boxes;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Nesting;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Scraps;
use Uvret\Layout\Stock;

/** A worker's task: pieces to place, places that stay, films. */
final readonly class LayoutTask
{
    /**
     * @param list<LaidPiece>      $free
     * @param array<string, Place> $pinned places that stay, by item and copy
     * @param list<Stock>          $stocks scraps worth using, then the roll or sheets
     * @param int                  $boxes  film needed when frames are packed as boxes, in µm
     */
    private function __construct(
        private FilmLayout $layout,
        private array $free,
        private array $pinned,
        private array $stocks,
        private int $boxes,
        private int $gap,
    ) {
    }

    /**
     * @param list<LaidPiece>       $all    at least one
     * @param non-empty-list<Stock> $main   the roll, or sheets
     * @param list<Stock>           $scraps
     * @param bool                  $keep   whether unchanged pieces stay, too
     */
    public static function of(FilmLayout $layout, array $all, array $main, array $scraps, FilmSettings $rack, ShopLayout $shop, bool $keep): self
    {
        $pinned = self::stay($layout, $all, \array_map(static fn (Stock $stock): string => $stock->id, [...$main, ...$scraps]), $keep);
        $free = \array_values(\array_filter($all, static fn (LaidPiece $piece): bool => !isset($pinned["$piece->item $piece->copy"])));
        $frames = \array_map(static fn (LaidPiece $piece): Box => $piece->piece->frame->bounds() ?? throw new \LogicException('A frame has an area.'), $all);

        return new self(
            layout: $layout,
            free: $free,
            pinned: $pinned,
            stocks: Scraps::before($main, self::pieces($free), $scraps, $shop->gap, $shop->smallest, \array_values($pinned)),
            boxes: Boxes::length($frames, self::usableWidth($main[0]), $shop->gap, [] !== \array_intersect([90, 270], $rack->turns)),
            gap: $shop->gap,
        );
    }

    private static function usableWidth(Stock $roll): int
    {
        return $roll->usable->bounds()?->width() ?? 0;
    }

    /** @return \Generator<int, Nested> the best so far after each step */
    public function steps(): \Generator
    {
        return Nesting::steps(self::pieces($this->free), $this->stocks, $this->gap, 1, \array_values($this->pinned));
    }

    /** Records a layout if it is better than the stored one, and the time taken. */
    public function note(Nested $nested, float $seconds): void
    {
        $there = $this->layout->result();
        if (0.0 === $there['used'] || [\count($nested->left), $nested->used] < [\count($there['left']), $there['used']]) {
            [$places, $left] = $this->named($nested);
            $this->layout->places = \json_encode($places, \JSON_THROW_ON_ERROR);
            $there = [
                'length' => LayoutPieces::length($nested),
                'boxes' => $this->boxes,
                'used' => $nested->used,
                'left' => $left,
            ];
        }
        $this->layout->result = \json_encode(['seconds' => \round($seconds, 1)] + $there, \JSON_THROW_ON_ERROR);
    }

    /**
     * Assigns copies to places: copies are equal, so each takes the next of their places.
     *
     * @return array{list<array<string, mixed>>, list<array{int, int}>} places as they are stored, and item and copy of those without room
     */
    private function named(Nested $nested): array
    {
        $waiting = [];
        foreach ($this->free as $piece) {
            $waiting[\spl_object_id($piece->piece)][] = $piece;
        }
        $next = static function (Piece $piece) use (&$waiting): LaidPiece {
            return \array_shift($waiting[\spl_object_id($piece)]) ?? throw new \LogicException('A place has a piece.');
        };
        $places = \array_values(\array_filter(
            $this->layout->places(),
            fn (array $place): bool => isset($this->pinned["{$place['item']} {$place['copy']}"]),
        ));
        foreach (\array_slice($nested->places, \count($this->pinned)) as $place) {
            $own = $next($place->piece);
            $places[] = [
                'item' => $own->item,
                'copy' => $own->copy,
                'turn' => $place->turn,
                'x' => $place->x,
                'y' => $place->y,
                'stock' => $place->stock,
                'pinned' => false,
                'layer' => $own->layer,
            ];
        }
        $left = \array_map(static function (Piece $piece) use ($next): array {
            $own = $next($piece);

            return [$own->item, $own->copy];
        }, $nested->left);

        return [$places, $left];
    }

    /**
     * @param list<LaidPiece> $pieces
     * @param list<string>    $stocks
     *
     * @return array<string, Place> places that stay, by item and copy
     */
    private static function stay(FilmLayout $layout, array $pieces, array $stocks, bool $keep): array
    {
        $layers = [];
        foreach ($pieces as $piece) {
            $layers["$piece->item $piece->copy"] = $piece->layer;
        }
        $stay = [];
        foreach ($layout->places() as $place) {
            $own = "{$place['item']} {$place['copy']}";
            if ($place['pinned'] || ($keep && ($layers[$own] ?? null) === $place['layer'])) {
                $stay[$own] = true;
            }
        }

        return \array_intersect_key(LayoutPieces::places($layout, $pieces, $stocks), $stay);
    }

    /**
     * @param list<LaidPiece> $laid
     *
     * @return list<Piece>
     */
    private static function pieces(array $laid): array
    {
        return \array_map(static fn (LaidPiece $piece): Piece => $piece->piece, $laid);
    }
}
