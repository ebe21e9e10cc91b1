<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

/** The cutter doesn't respond. */
final class CutterGone extends \RuntimeException
{
    public static function cannotBeReached(string $address): self
    {
        return new self("The cutter at $address doesn’t answer. Switch it on and check its line.");
    }

    public static function lineLost(): self
    {
        return new self('The line to the cutter broke off.');
    }
}
