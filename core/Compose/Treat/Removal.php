<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\PartRole;
use Uvret\Design\Derived;
use Uvret\Geometry\Anchor;
use Uvret\Geometry\Region;

/** Rubbish that a treatment left and Uvret removed. */
final readonly class Removal
{
    use Derived;

    /**
     * @param string $card  card, film and role of the part
     * @param Region $shape the filled or dropped shape
     * @param bool   $kept  whether the user keeps it
     */
    public function __construct(
        public RemovalKind $kind,
        public string $card,
        public string $film,
        public PartRole $role,
        public Region $shape,
        public int $x,
        public int $y,
        public bool $kept = false,
    ) {
    }

    public static function of(RemovalKind $kind, string $card, string $film, PartRole $role, Region $shape, bool $kept = false): self
    {
        $box = $shape->bounds();

        return new self(
            kind: $kind,
            card: $card,
            film: $film,
            role: $role,
            shape: $shape,
            x: null === $box ? 0 : \intdiv($box->left + $box->right, 2),
            y: null === $box ? 0 : \intdiv($box->bottom + $box->top, 2),
            kept: $kept,
        );
    }

    /** Moves a removal from the origin back to its anchor. */
    public function back(Anchor $anchor): self
    {
        return $this->derive(['shape' => $anchor->back($this->shape), 'x' => $this->x + $anchor->x, 'y' => $this->y + $anchor->y]);
    }
}
