<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Artwork\ArtworkException;

/** Counts the elements that are drawn or looked at, as often as they are used, so that there is an end to it. */
final class Elements
{
    private const MOST = 20_000;

    private int $count = 0;

    /** @throws ArtworkException if there are too many */
    public function next(): void
    {
        if (++$this->count > self::MOST) {
            throw ArtworkException::tooLarge(\number_format(self::MOST).' elements');
        }
    }
}
