<?php

declare(strict_types=1);

namespace Uvret\Design\Layering;

/** How two films meet that touch or lie on one another. */
enum JointKind: string
{
    /** The lower film runs on beneath the upper one. */
    case LayOver = 'lay over';

    /** The lower film is punched out under the upper one, but for the trap along their common edge. */
    case Trapped = 'trapped';

    /** Edge to edge, neither beneath the other. */
    case Butted = 'butted';

    /** A clear line of the blank between them, cut from the lower film. */
    case Gap = 'gap';

    /** As it is said of two films. */
    public function said(): string
    {
        return match ($this) {
            self::LayOver => 'laid over',
            self::Gap => 'kept apart',
            default => $this->value,
        };
    }
}
