<?php

declare(strict_types=1);

namespace Uvret\Layout;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/**
 * A piece of film to lay frames on: a roll, a sheet or a scrap. x runs across the film, y along it, both from its lower left corner, in µm.
 */
final readonly class Stock
{
    private function __construct(
        public string $id,
        public bool $isRoll,
        /** The whole film; for a roll of unknown length a strip that is long enough. */
        public Region $outline,
        /** Its usable part. */
        public Region $usable,
    ) {
    }

    /**
     * @param int|null $left length left; null if unknown
     * @param int      $edge unusable margin on both sides
     *
     * @throws StockException
     */
    public static function roll(string $id, int $width, ?int $left = null, int $edge = 0): self
    {
        $long = $left ?? 200_000_000;
        if ($width <= 2 * $edge || $long <= 0) {
            throw StockException::nothingUsable($id);
        }

        return new self($id, true, (new Box(0, 0, $width, $long))->toRegion(), (new Box($edge, 0, $width - $edge, $long))->toRegion());
    }

    /**
     * @param int $edge unusable margin on all sides
     *
     * @throws StockException
     */
    public static function sheet(string $id, int $width, int $height, int $edge = 0): self
    {
        if ($width <= 2 * $edge || $height <= 2 * $edge) {
            throw StockException::nothingUsable($id);
        }

        return new self(
            $id,
            false,
            (new Box(0, 0, $width, $height))->toRegion(),
            (new Box($edge, $edge, $width - $edge, $height - $edge))->toRegion(),
        );
    }

    /**
     * @param Region $outline moved so that its lower left corner is the origin
     * @param int    $edge    unusable margin along the outline
     *
     * @throws StockException
     */
    public static function scrap(string $id, Region $outline, int $edge = 0): self
    {
        $box = $outline->bounds() ?? throw StockException::nothingUsable($id);
        $outline = $outline->transform(Affine::move(-$box->left, -$box->bottom));
        $usable = $outline->offset(-$edge);

        return $usable->isEmpty() ? throw StockException::nothingUsable($id) : new self($id, false, $outline, $usable);
    }

    public function width(): int
    {
        return $this->box()->right;
    }

    public function length(): int
    {
        return $this->box()->top;
    }

    /** Whether it is a rectangle. */
    public function isStraight(): bool
    {
        return 4 === $this->outline->vertexCount() && $this->outline->area() === (float) $this->width() * $this->length();
    }

    private function box(): Box
    {
        return $this->outline->bounds() ?? throw new \LogicException('A film has an area.');
    }
}
