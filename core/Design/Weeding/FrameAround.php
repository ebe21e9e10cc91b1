<?php

declare(strict_types=1);

namespace Uvret\Design\Weeding;

/** What has a frame of its own. */
enum FrameAround: string
{
    /** All layers together: each has the same frame, by whose edges they can be laid on one another. */
    case Design = 'design';

    case Layer = 'layer';

    /** In each layer the cards that are kept together, and each other card. */
    case Group = 'group';

    /** Each card in each layer. */
    case Card = 'card';
}
