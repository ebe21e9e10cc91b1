<?php

declare(strict_types=1);

namespace Uvret\Compose;

/** What a part is of its card. */
enum PartRole: string
{
    case Base = 'base';
    case Outline = 'outline';
    case Shadow = 'shadow';
    case Inline = 'inline';
}
