<?php

declare(strict_types=1);

namespace Uvret\Design;

/** What a blank is made of, as bought. */
final readonly class Fabric
{
    /**
     * @param string $colour  like #2b3350
     * @param int    $highest temperature that it takes at the press, in °C
     * @param bool   $marks   whether a press leaves marks on it
     */
    public function __construct(
        public string $name,
        public string $colour,
        public int $highest,
        public Stretch $stretch,
        public bool $marks,
        public Surface $surface,
    ) {
    }
}
