<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** What a line can run along. */
enum FollowPath: string
{
    case Straight = 'straight';

    /** A part of a circle with the middle of the line in its middle; it moves with the line. */
    case Arc = 'arc';

    /** A whole circle in its place: the upper half, the lower half, or all the way round. */
    case Ring = 'ring';

    /** The ring that a hat's brim is. */
    case Brim = 'brim';

    case Spiral = 'spiral';

    /** The outline of a form or motif. */
    case Outline = 'outline';

    /** Whether it lies in a place of its own, outside the stack of lines. */
    public function isPlaced(): bool
    {
        return !\in_array($this, [self::Straight, self::Arc], true);
    }
}
