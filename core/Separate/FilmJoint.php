<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Design\Film;
use Uvret\Design\Layering\JointChoice;
use Uvret\Design\Layering\JointKind;

/** How two films that touch meet. Lengths are in µm. */
final readonly class FilmJoint
{
    /**
     * @param JointKind   $kind   as made
     * @param int         $width  the trap, or the gap
     * @param JointChoice $wanted as requested
     * @param string|null $reason why it differs from the request
     */
    private function __construct(
        public Film $lower,
        public Film $upper,
        public JointKind $kind,
        public int $width,
        public JointChoice $wanted,
        public ?string $reason,
    ) {
    }

    /** @param bool $covers whether the lower film should cover the upper one, which can't be layered over */
    public static function between(Film $lower, Film $upper, JointChoice $wanted, bool $covers): self
    {
        [$kind, $reason] = match (true) {
            JointKind::Gap === $wanted->kind, JointKind::Butted === $wanted->kind => [$wanted->kind, null],
            !$lower->carries => [JointKind::Butted, "Neither {$lower->name} nor {$upper->name} can be layered over, so they meet edge to edge."],
            !$upper->opaque => [JointKind::Butted, "{$upper->name} is translucent, so they meet edge to edge."],
            $covers => [JointKind::Trapped, "{$upper->name} can’t be layered over, so {$lower->name} runs on beneath it instead."],
            default => [$wanted->kind, null],
        };

        return new self($lower, $upper, $kind, $wanted->width, $wanted, $reason);
    }

    /** Slip of either film at which the blank would show between them. */
    public function safe(): int
    {
        return \in_array($this->kind, [JointKind::LayOver, JointKind::Trapped], true) ? $this->width : 0;
    }
}
