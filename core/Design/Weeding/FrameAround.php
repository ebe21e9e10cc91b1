<?php

declare(strict_types=1);

namespace Uvret\Design\Weeding;

/** What gets its own frame. */
enum FrameAround: string
{
    /** One frame for all layers, usable for registration. */
    case Design = 'design';

    case Layer = 'layer';

    /** One per group of cards in each layer. */
    case Group = 'group';

    /** One per card in each layer. */
    case Card = 'card';
}
