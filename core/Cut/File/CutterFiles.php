<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

/** All cutter formats. */
final readonly class CutterFiles
{
    /** @var array<string, CutterFile> by extension */
    private array $formats;

    /** @param iterable<CutterFile> $formats */
    public function __construct(iterable $formats)
    {
        $byExtension = [];
        foreach ($formats as $format) {
            $byExtension[$format->extension()] = $format;
        }
        $this->formats = $byExtension;
    }

    public function named(string $extension): ?CutterFile
    {
        return $this->formats[$extension] ?? null;
    }

    /** @return list<CutterFile> */
    public function all(): array
    {
        return \array_values($this->formats);
    }
}
