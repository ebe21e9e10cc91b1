<?php

declare(strict_types=1);

namespace Uvret\Compose;

/** A line that cannot be made, in words for the person at the screen. */
final class CompositionException extends \RuntimeException
{
    public static function tooLong(): self
    {
        return new self('At this size the line would be longer than 40 metres. Give it a smaller size.');
    }

    public static function notWelded(\Throwable $why): self
    {
        return new self('The letters could not be welded: '.$why->getMessage(), 0, $why);
    }
}
