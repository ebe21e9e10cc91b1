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

    public static function nothingLeft(): self
    {
        return new self('Nothing of the letters is left like this. Make the line larger, or its strokes heavier.');
    }

    public static function notWelded(\Throwable $why): self
    {
        return new self('The letters could not be welded: '.$why->getMessage(), 0, $why);
    }

    public static function noBrim(): self
    {
        return new self('The placement has no brim to follow. Choose a placement on a brim, or let the line follow something else.');
    }

    public static function noShape(): self
    {
        return new self('The shape whose outline it follows is not there. Choose another one, or let the line follow something else.');
    }

    public static function noForm(): self
    {
        return new self('The form whose edges it fills is not there. Choose another one, or another edge.');
    }

    public static function noRoomInForm(): self
    {
        return new self('Inside the form nothing is left to fill. Make its inset smaller, or the form larger.');
    }

    public static function cannotBeThatSmall(): self
    {
        return new self('However small its letters, the line does not get that small: what it follows, or its edges, take more. Ask for a larger size, or make those smaller.');
    }
}
