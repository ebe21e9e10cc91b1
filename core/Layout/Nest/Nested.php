<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

/** A layout: frames placed on film. Lengths in µm. */
final readonly class Nested
{
    /** Film length used. */
    public int $length;

    /** @param list<Place> $places */
    public function __construct(
        public array $places,
        public int $width,
    ) {
        $this->length = [] === $places ? 0 : \max(\array_map(static fn (Place $place): int => $place->top(), $places));
    }

    /** Share of the used film that frames cover. */
    public function covered(): float
    {
        $area = \array_sum(\array_map(static fn (Place $place): float => $place->piece->frame->area(), $this->places));

        return 0 === $this->length ? 0.0 : $area / ($this->width * (float) $this->length);
    }

    /**
     * Checks the layout with the true frames: overlaps, gaps, film edges.
     *
     * @return list<string> nothing where all is well
     */
    public function faults(int $gap): array
    {
        $faults = [];
        $boxes = \array_map(static fn (Place $place) => $place->region()->bounds(), $this->places);
        foreach ($this->places as $one => $place) {
            $box = $boxes[$one] ?? throw new \LogicException('A frame has an area.');
            if ($box->left < 0 || $box->bottom < 0 || $box->right > $this->width) {
                $faults[] = "$one does not lie on the film";
            }
            for ($other = $one + 1, $count = \count($this->places); $other < $count; ++$other) {
                $next = $boxes[$other] ?? throw new \LogicException('A frame has an area.');
                if (!$box->grown($gap)->overlaps($next)) {
                    continue;
                }
                [$region, $beside] = [$place->region(), $this->places[$other]->region()];
                if (!$region->intersect($beside)->isEmpty() || ($gap > 0 && $region->distanceTo($beside) < $gap - 1)) {
                    $faults[] = "$one and $other are too near each other";
                }
            }
        }

        return $faults;
    }
}
