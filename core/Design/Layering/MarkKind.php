<?php

declare(strict_types=1);

namespace Uvret\Design\Layering;

/** What layers are laid on one another by. */
enum MarkKind: string
{
    case None = 'none';

    /** Only the weeding box that they have in common, with one corner cut off. */
    case Box = 'box';

    /** Triangles in three of the box's corners. */
    case Corners = 'corners';

    /** Three discs. */
    case Pins = 'pins';
}
