<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\Downward;
use Uvret\Design\Reading\Named;

/** The card that another one belongs to, with which it is moved, turned, sized, copied and hidden. Lengths are in µm. */
final readonly class Belonging
{
    /**
     * @param string $to    empty for none
     * @param int    $x     of its middle from that of the other one, along that one's own turn
     * @param int    $y     across it
     * @param float  $scale how large it is there, in percent of its own size
     */
    public function __construct(
        public string $to,
        #[Named('across')]
        public int $x,
        #[Named('down'), Downward]
        public int $y,
        public float $scale,
    ) {
    }
}
