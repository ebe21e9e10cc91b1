<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Uvret\App\Api\Shape\FilmSettings;
use Uvret\App\Api\Shape\ShopLayout;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Entity\LayoutState;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Entity\ShopUsage;
use Uvret\App\Repository\FilmLayouts;
use Uvret\Geometry\Box;
use Uvret\Layout\Boxes;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Nesting;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Scraps;

/** Looks for better layouts of a film until its time is up, it is stopped, or it is laid out anew; each better one is kept at once. */
#[AsMessageHandler]
final readonly class LayOutHandler
{
    /** Between two looks whether it is still wanted, and two notes of the time, in seconds. */
    private const LOOK = 0.4;

    public function __construct(
        private EntityManagerInterface $entities,
        private FilmLayouts $layouts,
        private LayoutPieces $pieces,
    ) {
    }

    public function __invoke(LayOut $asked): void
    {
        $this->entities->clear();
        $layout = $this->entities->find(FilmLayout::class, $asked->film);
        if (null === $layout || $layout->revision !== $asked->revision || LayoutState::Done === $layout->state) {
            return;
        }
        $rack = FilmSettings::of($this->entities->find(RackFilm::class, $asked->film));
        $shop = ShopLayout::of(($this->entities->find(ShopUsage::class, ShopUsage::ID) ?? new ShopUsage())->layout);
        $all = $this->pieces->of($layout, $rack);
        if ([] === $all) {
            $layout->state = LayoutState::Done;
            $this->layouts->improve($layout);

            return;
        }
        [$roll, $scraps] = $this->pieces->stocks($all[0]->sheet->film, $rack, $shop);
        $pinned = self::stay($layout, $all, [$roll->id, ...\array_column($scraps, 'id')], $asked->keep);
        $free = \array_values(\array_filter($all, static fn (LaidPiece $piece): bool => !isset($pinned["$piece->item $piece->copy"])));
        $places = \array_values($pinned);
        $pieces = \array_map(static fn (LaidPiece $piece): Piece => $piece->piece, $free);
        $stocks = Scraps::before($roll, $pieces, $scraps, $shop->gap, $shop->smallest, $places);
        $boxes = Boxes::length(
            \array_map(static fn (LaidPiece $piece): Box => $piece->piece->frame->bounds() ?? throw new \LogicException('A frame has an area.'), $all),
            $roll->width() - 2 * $shop->edge,
            $shop->gap,
            [] !== \array_intersect([90, 270], $rack->turns),
        );

        $start = $seen = \microtime(true);
        $layout->state = LayoutState::Running;
        $best = null;
        foreach (Nesting::steps($pieces, $stocks, $shop->gap, 1, $places) as $nested) {
            $now = \microtime(true);
            $isOver = $now - $start >= $shop->seconds;
            if ($nested === $best && !$isOver && $now - $seen < self::LOOK) {
                continue;
            }
            $seen = $now;
            $layout->state = $isOver ? LayoutState::Done : LayoutState::Running;
            self::note($layout, $nested, $free, $pinned, $boxes, $now - $start);
            $best = $nested;
            if (!$this->layouts->improve($layout) || $isOver) {
                return;
            }
        }
        // One piece has nothing to be better than.
        $layout->state = LayoutState::Done;
        $this->layouts->improve($layout);
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
     * @param list<LaidPiece>      $free
     * @param array<string, Place> $pinned
     */
    private static function note(FilmLayout $layout, Nested $nested, array $free, array $pinned, int $boxes, float $seconds): void
    {
        $waiting = [];
        foreach ($free as $piece) {
            $waiting[\spl_object_id($piece->piece)][] = $piece;
        }
        $next = static function (Piece $piece) use (&$waiting): LaidPiece {
            return \array_shift($waiting[\spl_object_id($piece)]) ?? throw new \LogicException('A place has a piece.');
        };
        $kept = \array_filter($layout->places(), static fn (array $place): bool => isset($pinned["{$place['item']} {$place['copy']}"]));
        $places = \array_values($kept);
        foreach (\array_slice($nested->places, \count($pinned)) as $place) {
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
        $layout->places = \json_encode($places, \JSON_THROW_ON_ERROR);
        $layout->result = \json_encode([
            'length' => $nested->ends()[LayoutPieces::ROLL] ?? 0,
            'boxes' => $boxes,
            'used' => $nested->used,
            'seconds' => \round($seconds, 1),
            'left' => $left,
        ], \JSON_THROW_ON_ERROR);
    }
}
