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
 * One cut layer as the knife sees it, blade side up.
 *
 * The origin is the left bottom corner of the box round the frames; y points up.
 */
final readonly class CutSheet
{
    /**
     * @param Region          $region  the lettering, blade side
     * @param Region          $marks   what the layers are laid on one another by
     * @param Region          $frame   all that is inside of the frames
     * @param Box             $box     the bounds of the frames
     * @param bool            $turned  whether the sheet lies a quarter turn round on the film, to fit its width
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

    /** How much of the film's length the sheet takes, in µm. */
    public function filmLength(): int
    {
        return $this->turned ? $this->box->width() : $this->box->height();
    }

    /** How much of the film's width the sheet takes, in µm. */
    public function filmWidth(): int
    {
        return $this->turned ? $this->box->height() : $this->box->width();
    }

    public function fits(): bool
    {
        return $this->filmWidth() <= $this->film->width;
    }

    /** How many pieces stay on the carrier. */
    public function pieces(): int
    {
        return \count($this->region->pieces());
    }

    /** How many pieces have to be picked out: each strip of the waste round the letters, and each hole. */
    public function toWeed(): int
    {
        return \count($this->frame->pieces()) + \count($this->parting) + \count($this->region->rings()) - $this->pieces();
    }

    /**
     * The same with more open cuts in the waste.
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

    /** The same, lying a quarter turn round on the film. */
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
     * Only some of its pieces, each in a rectangle of its own, to be cut again.
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

    /** Something of it as it lies on the film: x along the film, y across it, from the corner where the sheet begins. */
    public function alongFilm(Region $region): Region
    {
        return $this->turned ? $region : $region->transform(new Affine(0, -1, 1, 0, 0, $this->box->width()));
    }
}
