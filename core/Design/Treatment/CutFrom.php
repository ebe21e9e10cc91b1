<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** A cut-out. Lengths are in µm. */
final readonly class CutFrom
{
    /**
     * @param string $card   what it is removed from; empty for none
     * @param int    $bridge the width of a bridge
     */
    public function __construct(
        public string $card,
        public Islands $islands,
        public int $bridge,
    ) {
    }
}
