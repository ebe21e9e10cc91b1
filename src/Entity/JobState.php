<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

/** State of a job. */
enum JobState: string
{
    case ToDesign = 'to design';
    case ToApprove = 'to approve';
    case ToCut = 'to cut';
    case ToPress = 'to press';
    case Done = 'done';
}
