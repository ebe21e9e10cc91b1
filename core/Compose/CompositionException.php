<?php

declare(strict_types=1);

namespace Uvret\Compose;

/** A line that can't be made, with a message for the user. */
final class CompositionException extends \RuntimeException
{
    /** @var list<string> characters the font lacks, if that is the cause */
    public array $missing = [];

    public static function tooLong(): self
    {
        return new self('At this size the line would be longer than 40 metres. Make it smaller.');
    }

    /** @param list<string> $missing */
    public static function noneOf(array $missing): self
    {
        $own = new self('The font has none of these characters: '.\implode(' ', \array_slice($missing, 0, 8)).'.');
        $own->missing = $missing;

        return $own;
    }

    public static function nothingLeft(): self
    {
        return new self('Thinned this much, the letters vanish. Make the line larger, or its strokes heavier.');
    }

    public static function notWelded(\Throwable $why): self
    {
        return new self('The letters could not be welded: '.$why->getMessage(), 0, $why);
    }

    public static function noBrim(): self
    {
        return new self('This placement has no brim. Choose a placement on a brim, or another path for the line.');
    }

    public static function noShape(): self
    {
        return new self('The shape whose outline the line follows is gone. Choose another shape, or another path.');
    }

    public static function noForm(): self
    {
        return new self('The shape this line fills is gone. Choose another form or piece, or other edges.');
    }

    public static function noRoomInForm(): self
    {
        return new self('The inset leaves no room inside the form. Make the inset smaller, or the form larger.');
    }

    /** @param float $most turns that the words can fill */
    public static function tooFewTurns(float $most): self
    {
        return new self(\sprintf('The words are too short for so many turns: at most %.1f with this pitch. Add words, or make the pitch smaller.', $most));
    }

    public static function cannotBeThatSmall(): self
    {
        return new self('The line can’t be made this small: its path or its edges need more room. Choose a larger size, or make the path smaller.');
    }
}
