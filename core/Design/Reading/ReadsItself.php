<?php

declare(strict_types=1);

namespace Uvret\Design\Reading;

/** A value that a document holds in another form than by the names of its parts. */
interface ReadsItself
{
    /** @param \stdClass $document valid and complete */
    public static function read(\stdClass $document): static;
}
