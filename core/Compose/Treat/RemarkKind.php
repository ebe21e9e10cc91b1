<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

/** What treatments bring with them. */
enum RemarkKind
{
    /** The base falls into more pieces than it had. */
    case CutThrough;

    /** Read from top to bottom the lines have another order than as typed. */
    case ReadsOtherwise;

    /** Pieces inside the holes of what was cut out hang on nothing. */
    case LooseIslands;

    /** Letters are too small for the bridges that the pieces inside them were to hang on. */
    case TooSmallForBridges;

    /** It lies on a card of the same film, so that it cannot be seen there. */
    case Unseen;

    /** Lettering lies on lettering that it is not set into. */
    case OnLettering;

    /** What it is set into or cut from is not there. */
    case NoOther;
}
