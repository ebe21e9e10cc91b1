<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** Shape of an offset at opening corners. */
enum Corner
{
    /** An arc around the corner, within 5 µm. */
    case Round;

    /** Edges extended until they meet, up to 4 times the distance; sharper corners are cut square. */
    case Mitre;

    /** Cut off square to the corner's bisector at the distance itself. */
    case Square;
}
