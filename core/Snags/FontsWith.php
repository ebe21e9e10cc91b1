<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Memory;
use Uvret\Compose\NoMemory;
use Uvret\Type\FontEntry;
use Uvret\Type\FontException;
use Uvret\Type\TypeCase;

/** Finds fonts in the type case with certain characters. */
final readonly class FontsWith
{
    /** Maximum fonts to name. */
    private const MOST = 3;

    public function __construct(
        private TypeCase $typeCase,
        private Memory $memory = new NoMemory(),
    ) {
    }

    /**
     * The cure for missing characters, in words.
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
     * @return list<string> names of fonts with all of them
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
                    // Skips unreadable fonts.
                }
                if (self::MOST === \count($names)) {
                    break;
                }
            }

            return $names;
        });
    }
}
