<?php

declare(strict_types=1);

namespace Uvret\Compose;

/** Role of a part within its card. */
enum PartRole: string
{
    case Base = 'base';
    case Outline = 'outline';
    case Shadow = 'shadow';
    case Inline = 'inline';
}
