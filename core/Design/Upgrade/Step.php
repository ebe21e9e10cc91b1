<?php

declare(strict_types=1);

namespace Uvret\Design\Upgrade;

/** One version of the document's format to the next. */
interface Step
{
    /** @param \stdClass $document decoded JSON of the version before, not checked yet; it is changed in place */
    public function apply(\stdClass $document): void;
}
