<?php

declare(strict_types=1);

namespace Uvret\Press;

/** Kinds of steps. */
enum StepKind: string
{
    /** Warms the blank to remove moisture. */
    case Warm = 'warm';

    /** Tacks films that others will cover. */
    case Tack = 'tack';

    /** Full press of the last films with all beneath them, or of single films. */
    case Press = 'press';

    /** Final press under a cover sheet, without carrier. */
    case Cover = 'cover';

    /** Removes grease and dust from hard blanks. */
    case Clean = 'clean';

    /** Covers cold films with transfer tape. */
    case Tape = 'tape';

    /** Applies a film cold. */
    case Apply = 'apply';

    /** Whether it is repeated in every section. */
    public function isInSections(): bool
    {
        return \in_array($this, [self::Tack, self::Press, self::Cover], true);
    }
}
