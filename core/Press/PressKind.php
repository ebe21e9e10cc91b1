<?php

declare(strict_types=1);

namespace Uvret\Press;

/** Kinds of presses. */
enum PressKind: string
{
    case Flat = 'flat';
    case Cap = 'cap';
    case Sleeve = 'sleeve';
    case Small = 'small';

    /** Moved by hand from section to section. */
    case Iron = 'iron';

    /**
     * Suitable presses for a kind of blank, best first.
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
