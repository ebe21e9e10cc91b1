<?php

declare(strict_types=1);

namespace Uvret\Design;

/** What a size's length measures. */
enum SizeBy: string
{
    /** From the leftmost to the rightmost ink. */
    case Width = 'width';

    /** From the lowest to the highest ink. */
    case Height = 'height';

    /** The height of the letter H, as drawn. */
    case Letter = 'letter';

    /** The margin that is left when the ink is fitted into the placement area. */
    case Area = 'area';

    /** A width and a height, whatever the proportions of the font. */
    case Both = 'both';

    /** A share of the circle that it runs along. */
    case Share = 'share';

    /** How many times it runs round the middle of its spiral. */
    case Turns = 'turns';
}
