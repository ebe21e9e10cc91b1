<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** The shape that an offset gives to corners that open up. */
enum Corner
{
    /** An arc round the corner, within 5 µm of the true one. */
    case Round;

    /** Edges prolonged until they meet, as far as 4 times the distance; sharper corners are cut square. */
    case Mitre;

    /** Cut off square to the corner's bisector at the distance itself. */
    case Square;
}
