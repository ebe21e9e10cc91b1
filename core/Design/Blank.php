<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\ListOf;
use Uvret\Design\Reading\NullFor;

/** A garment, bag or hat as bought, in one size and colour, with the placement chosen on it. */
final readonly class Blank
{
    /**
     * @param int           $width   across the blank where it is widest, in µm
     * @param int|null      $height  from its measuring point to its lower end (of caps and hats: to the top), in µm; null as drawn to its width
     * @param list<KeepOff> $keepOff what lettering stays away from
     * @param list<string>  $crossed the ids of those that it may run across all the same
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $drawing,
        public string $size,
        public int $width,
        #[NullFor(0)]
        public ?int $height,
        #[ListOf(KeepOff::class)]
        public array $keepOff,
        public array $crossed,
        public Fabric $fabric,
        public Placement $placement,
    ) {
    }
}
