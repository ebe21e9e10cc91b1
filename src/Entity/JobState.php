<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

/** How far a job has come. */
enum JobState: string
{
    case ToDesign = 'to design';
    case ToApprove = 'to approve';
    case ToCut = 'to cut';
    case ToPress = 'to press';
    case Done = 'done';
}
