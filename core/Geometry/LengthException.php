<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** Input that is not a length, with what to type instead. */
final class LengthException extends \InvalidArgumentException
{
    public static function notALength(string $text, Unit $preferred): self
    {
        $text = \mb_substr(\trim($text), 0, 40);
        $bare = Unit::Millimetre === $preferred ? '90 (millimetres)' : '3.5 (inches)';

        return new self(('' === $text ? 'A length is missing.' : "“{$text}” is not a length.")." Type it like $bare, 90mm, 9 cm, 3.5in or 3 1/2\".");
    }

    public static function tooLong(string $text): self
    {
        return new self(\sprintf('“%s” is longer than 100 metres.', \mb_substr(\trim($text), 0, 40)));
    }
}
