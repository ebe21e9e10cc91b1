<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Cut\Knife\KnifePlan;

/** A format that cutters take. What implements it is offered wherever blade sides are written. */
interface CutterFile
{
    /** Without the dot, like svg; it names the format everywhere. */
    public function extension(): string;

    public function mediaType(): string;

    /** The blade side of a plan's sheet at true size. */
    public function write(KnifePlan $plan): string;
}
