<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Design\Layering\JointKind;
use Uvret\Geometry\Region;

/** The cut layers of a design, their joints and their registration marks. */
final readonly class Separation
{
    /**
     * @param list<CutLayer>        $layers  in press order
     * @param list<FilmJoint>       $joints
     * @param array<string, string> $reasons why films are pressed later than requested, by id
     * @param list<Unseen>          $unseen  parts hidden by other films
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

    /** A film's shape less the gaps left to other films. */
    public function worn(string $film, Region $region): Region
    {
        foreach ($this->joints as $joint) {
            if (JointKind::Gap === $joint->kind && ($joint->lower->id === $film || $joint->upper->id === $film)) {
                return $region->intersect($this->layer($film)->shown ?? Region::empty());
            }
        }

        return $region;
    }

    /** Slip of a film at which the blank would show beside it, in µm; null if it touches no other film. */
    public function safe(string $film): ?int
    {
        $own = \array_filter($this->joints, static fn (FilmJoint $joint): bool => $joint->lower->id === $film || $joint->upper->id === $film);

        return [] === $own ? null : \min(\array_map(static fn (FilmJoint $joint): int => $joint->safe(), $own));
    }

    /** Everything visible except the blank. */
    public function shown(): Region
    {
        return Region::empty()->union(...\array_map(static fn (CutLayer $layer): Region => $layer->shown, $this->layers));
    }
}
