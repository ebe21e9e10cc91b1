<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** An outline: a rim round a shape. Lengths are in µm. */
final readonly class Rim
{
    /**
     * @param int $smallest holes less than this across are filled, where small ones are
     */
    public function __construct(
        public int $width,
        public string $film,
        public Corners $corner,
        public Holes $holes,
        public int $smallest,
        public Near $near,
        public Around $around,
    ) {
    }
}
