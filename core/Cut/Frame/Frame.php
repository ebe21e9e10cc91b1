<?php

declare(strict_types=1);

namespace Uvret\Cut\Frame;

use Uvret\Design\Weeding\FrameShape;
use Uvret\Design\Weeding\Weeding;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** The weeding frames of a layer, and the relief cuts inside. */
final readonly class Frame
{
    /** Closing radius of hugging frames, in µm: bays narrower than twice this are too narrow to grip. */
    private const BAY = 7_500;

    /** Margin of a registration mark's own frame, in µm. */
    private const OFF_MARKS = 1_500;

    /**
     * @param list<list<int>> $parting open lines, from the frame to the frame or to one another: flat lists x0, y0, x1, y1, … in µm
     */
    public function __construct(
        public Region $region,
        public array $parting = [],
    ) {
    }

    /** @param list<Region> $clusters each with ink */
    public static function around(array $clusters, Weeding $weeding): self
    {
        if (FrameShape::Hugging === $weeding->frame) {
            return new self(Region::empty()->union(...\array_map(
                static fn (Region $ink): Region => self::hugging($ink, $weeding->distance),
                $clusters,
            )));
        }

        return self::of(\array_map(
            static fn (Region $ink): Box => $weeding->margins->around($ink->bounds() ?? throw new \LogicException('A cut layer has ink.')),
            $clusters,
        ));
    }

    /**
     * Overlapping rectangles merge; abutting ones share an edge.
     *
     * @param list<Box> $boxes
     */
    public static function of(array $boxes): self
    {
        $frames = \array_map(static fn (Box $box): Region => $box->toRegion(), $boxes);
        $region = Region::empty()->union(...$frames);
        // Edges inside an overlapping frame vanish.
        $shared = $region->area() < \array_sum(\array_map(static fn (Region $frame): float => $frame->area(), $frames)) ? [] : SharedEdge::among($frames);

        return new self($region, $shared);
    }

    /** Adds frames for registration marks outside. */
    public function withMarks(Region $marks): self
    {
        $outside = \array_filter($marks->pieces(), fn (Region $mark): bool => !$mark->subtract($this->region)->isEmpty());
        $own = \array_map(static fn (Region $mark): Region => $mark->bounds()?->grown(self::OFF_MARKS)->toRegion() ?? Region::empty(), $outside);

        return [] === $own ? $this : new self($this->region->union(...$own), $this->parting);
    }

    /** Adds relief cuts. */
    public function relieved(Words $words, Region $ink, Region $marks): self
    {
        return new self($this->region, [...$this->parting, ...Relief::cuts($this->region, $words->in($ink), $marks)]);
    }

    /** Offset ink with narrow bays closed; wide empty middles stay open. */
    private static function hugging(Region $ink, int $distance): Region
    {
        return $ink->offset($distance + self::BAY)->offset(-self::BAY);
    }
}
