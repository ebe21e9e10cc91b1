<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Geometry\Region;

/** Rubbish that a treatment left and that was tidied away. */
final readonly class Removal
{
    /**
     * @param string $card  whose part it was
     * @param Region $shape what was filled or dropped
     * @param bool   $kept  whether it was found but is kept all the same
     */
    public function __construct(
        public RemovalKind $kind,
        public string $card,
        public Region $shape,
        public int $x,
        public int $y,
        public bool $kept = false,
    ) {
    }

    public static function of(RemovalKind $kind, string $card, Region $shape, bool $kept = false): self
    {
        $box = $shape->bounds();

        return new self($kind, $card, $shape, null === $box ? 0 : \intdiv($box->left + $box->right, 2), null === $box ? 0 : \intdiv($box->bottom + $box->top, 2), $kept);
    }
}
