<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Memory;
use Uvret\Compose\NoMemory;
use Uvret\Type\FontEntry;
use Uvret\Type\FontException;
use Uvret\Type\TypeCase;

/** Finds fonts of the type case that have some characters. */
final readonly class FontsWith
{
    /** More are not named. */
    private const MOST = 3;

    public function __construct(
        private TypeCase $typeCase,
        private Memory $memory = new NoMemory(),
    ) {
    }

    /**
     * In words, what would mend it that a font lacks some characters.
     *
     * @param list<string> $characters
     */
    public function cure(array $characters): string
    {
        $names = $this->names($characters);
        $those = 1 === \count($characters) ? 'it' : 'them';

        return match (\count($names)) {
            0 => "No font of the type case has $those: bring one that does, or type it differently.",
            1 => "{$names[0]} has $those.",
            default => \implode(', ', \array_slice($names, 0, -1)).' and '.$names[\count($names) - 1]." have $those.",
        };
    }

    /**
     * @param list<string> $characters
     *
     * @return list<string> the names of some that have all of them
     */
    private function names(array $characters): array
    {
        $entries = $this->typeCase->entries();
        $key = 'fonts with '.\implode('', $characters).' '.\implode(' ', \array_map(static fn (FontEntry $entry): string => $entry->id, $entries));

        return $this->memory->recall($key, function () use ($characters, $entries): array {
            $names = [];
            foreach ($entries as $entry) {
                try {
                    if ([] === $this->typeCase->font($entry->id)->missing(\implode('', $characters))) {
                        $names[] = $entry->name;
                    }
                } catch (FontException) {
                    // One that can't be read has nothing.
                }
                if (self::MOST === \count($names)) {
                    break;
                }
            }

            return $names;
        });
    }
}
