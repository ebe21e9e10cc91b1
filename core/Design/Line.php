<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Fill\Fills;
use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Follow\Follows;
use Uvret\Design\Treatment\Treatments;

/** One line of lettering. */
final readonly class Line extends Card
{
    use Derived;

    public function __construct(
        string $id,
        public string $film,
        bool $hidden,
        bool $locked,
        int $depth,
        Belonging $belongs,
        Treatments $treatments,
        public Lettering $lettering,
        public Size $size,
        public LinePlace $place,
        public Stacking $stacking,
        public Follows $follows,
        public Fills $fills,
        public Fitting $fitting,
    ) {
        parent::__construct($id, $hidden, $locked, $depth, $belongs, $treatments);
    }

    public function withLettering(Lettering $lettering): self
    {
        return $this->derive(['lettering' => $lettering]);
    }

    public function withSize(Size $size): self
    {
        return $this->derive(['size' => $size]);
    }

    /** The form or motif that it takes its place from, by following or filling it; empty for none. */
    public function form(): string
    {
        return match (true) {
            $this->fills->takesForm() => $this->fills->form,
            FollowPath::Outline === $this->follows->path => $this->follows->outline->shape,
            default => '',
        };
    }
}
