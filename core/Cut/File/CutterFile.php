<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Cut\Knife\KnifePlan;

/** A cutter format. Every implementation is offered wherever blade sides are exported. */
interface CutterFile
{
    /** Like svg, without the dot; also the format's name. */
    public function extension(): string;

    public function mediaType(): string;

    /** The blade side of a plan's sheet at true size. */
    public function write(KnifePlan $plan): string;
}
