<?php

declare(strict_types=1);

namespace Uvret\Press;

/** What a press is made for. */
enum PressKind: string
{
    case Flat = 'flat';
    case Cap = 'cap';
    case Sleeve = 'sleeve';
    case Small = 'small';

    /** Led by hand, a section after another. */
    case Iron = 'iron';

    /**
     * What a kind of blank is pressed on, the best first.
     *
     * @return non-empty-list<self>
     */
    public static function for(string $drawing): array
    {
        return match ($drawing) {
            'cap' => [self::Cap, self::Small, self::Iron, self::Flat],
            'hat-brim', 'brimmed-hat' => [self::Small, self::Iron, self::Cap, self::Flat],
            'sleeve' => [self::Sleeve, self::Flat, self::Iron, self::Small],
            default => [self::Flat, self::Sleeve, self::Iron, self::Small, self::Cap],
        };
    }
}
