<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Design\Layering\JointKind;
use Uvret\Geometry\Region;

/** The cut layers of a design, how they meet, and what they are laid on one another by. */
final readonly class Separation
{
    /**
     * @param list<CutLayer>        $layers  in press order, the first one first
     * @param list<Joint>           $joints
     * @param array<string, string> $reasons why films are pressed later than wanted, by their ids
     * @param list<Unseen>          $unseen  parts that other films hide
     */
    public function __construct(
        public array $layers,
        public array $joints,
        public array $reasons,
        public Marks $marks,
        public array $unseen = [],
    ) {
    }

    public function layer(string $film): ?CutLayer
    {
        foreach ($this->layers as $layer) {
            if ($layer->film->id === $film) {
                return $layer;
            }
        }

        return null;
    }

    /** What is left of a shape of a film where a line of the blank is left free beside another film. */
    public function worn(string $film, Region $region): Region
    {
        foreach ($this->joints as $joint) {
            if (JointKind::Gap === $joint->kind && ($joint->lower->id === $film || $joint->upper->id === $film)) {
                return $region->intersect($this->layer($film)->shown ?? Region::empty());
            }
        }

        return $region;
    }

    /** How far a film may slip against those that it touches before the blank shows between them, in µm; null where it touches none. */
    public function safe(string $film): ?int
    {
        $own = \array_filter($this->joints, static fn (Joint $joint): bool => $joint->lower->id === $film || $joint->upper->id === $film);

        return [] === $own ? null : \min(\array_map(static fn (Joint $joint): int => $joint->safe(), $own));
    }

    /** All that is seen, with nothing of the blank. */
    public function shown(): Region
    {
        return Region::empty()->union(...\array_map(static fn (CutLayer $layer): Region => $layer->shown, $this->layers));
    }
}
