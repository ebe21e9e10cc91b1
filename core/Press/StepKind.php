<?php

declare(strict_types=1);

namespace Uvret\Press;

/** What is done at one closing of the press, or by hand. */
enum StepKind: string
{
    /** The blank alone: takes moisture out. */
    case Warm = 'warm';

    /** Films that others lie on, just long enough to hold. */
    case Tack = 'tack';

    /** For the full time: the last films and all beneath them, or films that are pressed apart. */
    case Press = 'press';

    /** Once more under a cover sheet, without carrier. */
    case Cover = 'cover';

    /** What is hard is freed of grease and dust. */
    case Clean = 'clean';

    /** Transfer tape is laid over films that are applied cold. */
    case Tape = 'tape';

    /** A film is laid on cold and rubbed down. */
    case Apply = 'apply';

    /** Whether it is done in every section rather than once. */
    public function isInSections(): bool
    {
        return \in_array($this, [self::Tack, self::Press, self::Cover], true);
    }
}
