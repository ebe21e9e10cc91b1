<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How wide the rows of one line's words are. */
enum RowWidths: string
{
    case Own = 'own';

    /** As wide as the widest, by the size of their letters. */
    case BySize = 'by size';

    /** As wide as the widest, by the room between their letters. */
    case BySpacing = 'by spacing';
}
