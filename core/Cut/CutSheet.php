<?php

declare(strict_types=1);

namespace Uvret\Cut;

use Uvret\Cut\Frame\Frame;
use Uvret\Design\Film;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Separate\Marks;

/**
 * One cut layer, blade side up.
 *
 * The origin is the left bottom corner of the box round the frames; y points up.
 */
final readonly class CutSheet
{
    /**
     * @param Region          $region  the ink, blade side
     * @param Region          $marks   registration marks
     * @param Region          $frame   the area inside the frames
     * @param Box             $box     the bounds of the frames
     * @param bool            $turned  whether the sheet is rotated 90° to fit the film's width
     * @param list<list<int>> $parting what the waste inside of the frames is parted by: flat lists x0, y0, x1, y1, … in µm
     * @param Box|null        $worn    where the frames lie on the wear side; null for what lies there in no one place
     */
    public function __construct(
        public Film $film,
        public Region $region,
        public Region $marks,
        public Region $frame,
        public Box $box,
        public bool $turned,
        public array $parting = [],
        public ?Box $worn = null,
    ) {
    }

    /** Length of the sheet along the film, in µm. */
    public function filmLength(): int
    {
        return $this->turned ? $this->box->width() : $this->box->height();
    }

    /** Width of the sheet across the film, in µm. */
    public function filmWidth(): int
    {
        return $this->turned ? $this->box->height() : $this->box->width();
    }

    public function fits(): bool
    {
        return $this->filmWidth() <= $this->film->width;
    }

    /** Number of pieces that stay on the carrier. */
    public function pieces(): int
    {
        return \count($this->region->pieces());
    }

    /** Number of waste pieces to pick out: each strip around the letters, and each hole. */
    public function toWeed(): int
    {
        return \count($this->frame->pieces()) + \count($this->parting) + \count($this->region->rings()) - $this->pieces();
    }

    /**
     * The same sheet with more relief cuts.
     *
     * @param list<list<int>> $lines flat lists of points
     */
    public function with(array $lines): self
    {
        return new self(
            film: $this->film,
            region: $this->region,
            marks: $this->marks,
            frame: $this->frame,
            box: $this->box,
            turned: $this->turned,
            parting: [...$this->parting, ...$lines],
            worn: $this->worn,
        );
    }

    /** The same sheet rotated 90° on the film. */
    public function turnedRound(): self
    {
        return new self(
            film: $this->film,
            region: $this->region,
            marks: $this->marks,
            frame: $this->frame,
            box: $this->box,
            turned: !$this->turned,
            parting: $this->parting,
            worn: $this->worn,
        );
    }

    /**
     * Some of its pieces, each in its own rectangle, to cut again.
     *
     * @param non-empty-list<int> $pieces their numbers
     *
     * @return self|null null if it has no such pieces
     */
    public function only(array $pieces): ?self
    {
        $all = $this->region->pieces();
        $own = \array_values(\array_intersect_key($all, \array_flip($pieces)));
        if (\count($own) < \count(\array_unique($pieces))) {
            return null;
        }
        $frame = Frame::of(\array_map(static fn (Region $piece): Box => ($piece->bounds() ?? new Box(0, 0, 0, 0))->grown(Marks::MARGIN), $own))->region;
        $box = $frame->bounds() ?? new Box(0, 0, 0, 0);
        $corner = Affine::move(-$box->left, -$box->bottom);
        $cut = new self(
            film: $this->film,
            region: Region::empty()->union(...$own)->transform($corner),
            marks: Region::empty(),
            frame: $frame->transform($corner),
            box: $box->moved(-$box->left, -$box->bottom),
            turned: $this->turned,
        );

        return $cut->fits() ? $cut : $cut->turnedRound();
    }

    /** Maps part of it onto the film: x along, y across, from the corner where the sheet begins. */
    public function alongFilm(Region $region): Region
    {
        return $this->turned ? $region : $region->transform(new Affine(0, -1, 1, 0, 0, $this->box->width()));
    }
}
