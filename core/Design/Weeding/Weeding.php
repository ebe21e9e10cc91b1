<?php

declare(strict_types=1);

namespace Uvret\Design\Weeding;

/** Weeding settings of a design. */
final readonly class Weeding
{
    /**
     * @param int  $distance how far a hugging frame stays off the ink, in µm
     * @param bool $relief   whether the waste is parted into strips
     * @param bool $together whether pieces of a lower film are joined where an upper one hides it
     */
    public function __construct(
        public FrameShape $frame,
        public FrameAround $around,
        public Margins $margins,
        public int $distance,
        public bool $relief,
        public bool $together,
    ) {
    }
}
