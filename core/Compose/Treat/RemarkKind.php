<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

/** Kinds of side effects. */
enum RemarkKind
{
    /** The base falls into more pieces than it had. */
    case CutThrough;

    /** The lines read in a different order than typed. */
    case ReadsOtherwise;

    /** Islands in the cut-out are loose. */
    case LooseIslands;

    /** Letters are too small for bridges. */
    case TooSmallForBridges;

    /** It is invisible on a card of the same film. */
    case Unseen;

    /** Lettering overlaps lettering without being set into it. */
    case OnLettering;

    /** The card it is set into or cut from is missing. */
    case NoOther;
}
