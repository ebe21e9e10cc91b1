<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

/** Kinds of rubbish. */
enum RemovalKind: string
{
    case Pinhole = 'pinhole';
    case Dot = 'dot';

    /** A piece that is long and thin. */
    case Sliver = 'sliver';

    case Spike = 'spike';

    /** A notch where curved letters meet. */
    case Nub = 'nub';

    /** A gap too narrow to be weeded. */
    case Gap = 'gap';

    /** Whether something was filled rather than taken away. */
    public function fills(): bool
    {
        return \in_array($this, [self::Pinhole, self::Nub, self::Gap], true);
    }
}
