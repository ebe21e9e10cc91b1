<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\Spot;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Entity\LayoutState;
use Uvret\App\Repository\FilmLayouts;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Place;

/** Pieces placed by hand. */
final readonly class Placing
{
    public function __construct(
        private FilmLayouts $layouts,
        private OpenLayouts $open,
    ) {
    }

    /**
     * Pieces that a piece would touch in a place, or come nearer to than the gap, and whether it lies on usable film: exactly.
     *
     * @return array{touches: list<int>, inside: bool}
     */
    public function tryOut(string $film, int $number, Spot $spot): array
    {
        $open = $this->open->of($film);

        return $this->fit($open, $number, self::placed($open, $number, $spot));
    }

    /**
     * Moves a piece by hand, or pins it where it is.
     *
     * @throws BadRequest if it touches another or lies beside the film
     */
    public function move(string $film, int $number, Spot $spot, bool $pinned): FilmLayout
    {
        $open = $this->open->of($film);
        $layout = $open->layout;
        $place = self::placed($open, $number, $spot);
        ['touches' => $touches, 'inside' => $inside] = $this->fit($open, $number, $place);
        if ([] !== $touches || !$inside) {
            $why = $inside ? 'It touches another piece there. Move it further.' : 'It doesn’t lie on usable film there. Move it back.';
            throw BadRequest::field('place', $why);
        }
        $own = $open->pieces[$number];
        $places = \array_values(\array_filter($layout->places(), static fn (array $old): bool => [$old['item'], $old['copy']] !== [$own->item, $own->copy]));
        $places[] = [
            'item' => $own->item,
            'copy' => $own->copy,
            'turn' => $place->turn,
            'x' => $place->x,
            'y' => $place->y,
            'stock' => $place->stock,
            'pinned' => $pinned,
            'layer' => $own->layer,
        ];
        $layout->places = \json_encode($places, \JSON_THROW_ON_ERROR);
        $open = $this->open->open($layout);
        $nested = new Nested(\array_values($open->places), $open->stocks);
        $layout->result = \json_encode(
            ['length' => LayoutPieces::length($nested), 'used' => $nested->used] + $layout->result(),
            \JSON_THROW_ON_ERROR,
        );
        // What a worker finds from now on would not know of it.
        $layout->state = LayoutState::Done;
        $this->layouts->set($layout);

        return $layout;
    }

    /** @throws BadRequest if there is no such piece, or the film may not be turned like that */
    private static function placed(OpenLayout $open, int $number, Spot $spot): Place
    {
        $own = $open->pieces[$number] ?? throw BadRequest::field('piece', 'This piece is no longer laid out.');

        if (!\in_array($spot->turn, $own->piece->turns, true)) {
            throw BadRequest::field('turn', 'This film’s direction doesn’t allow that rotation. Choose another one.');
        }

        return new Place($own->piece, $spot->turn, $spot->x, $spot->y, $spot->stock);
    }

    /** @return array{touches: list<int>, inside: bool} */
    private function fit(OpenLayout $open, int $number, Place $place): array
    {
        $gap = $this->open->shop()->gap;
        $touches = [];
        foreach ($open->pieces as $other => $piece) {
            $beside = $open->places["$piece->item $piece->copy"] ?? null;
            if ($other !== $number && $beside?->stock === $place->stock && $place->isNear($beside, $gap)) {
                $touches[] = $other;
            }
        }
        $stock = $open->stock($place->stock);

        return ['touches' => $touches, 'inside' => null !== $stock && $place->region()->subtract($stock->usable)->isEmpty()];
    }
}
