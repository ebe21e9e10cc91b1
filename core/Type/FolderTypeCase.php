<?php

declare(strict_types=1);

namespace Uvret\Type;

use Uvret\Type\Facts\FontFacts;

/** A type case that is a folder: ID.ttf files and type-case.json, the list of them. */
final class FolderTypeCase implements TypeCase
{
    /** @var array<string, Font> */
    private array $fonts = [];

    /** @var list<FontEntry>|null */
    private ?array $entries = null;

    public function __construct(private readonly string $folder)
    {
    }

    public function font(string $id): Font
    {
        return $this->fonts[$id] ??= Font::fromFile($this->file($id) ?? throw FontException::notInTypeCase($id));
    }

    public function entries(): array
    {
        if (null === $this->entries) {
            $file = $this->list();
            /** @var list<array{id: string, name: string, use: string, licence: string, facts?: array<mixed>}> $list */
            $list = \is_file($file) ? \json_decode((string) \file_get_contents($file), true, 8, \JSON_THROW_ON_ERROR) : [];
            $this->entries = \array_map(
                static fn (array $font): FontEntry => new FontEntry(
                    id: $font['id'],
                    name: $font['name'],
                    use: $font['use'],
                    licence: $font['licence'],
                    facts: FontFacts::fromArray($font['facts'] ?? []),
                ),
                $list,
            );
        }

        return $this->entries;
    }

    /**
     * Runs something under an exclusive lock on the folder.
     *
     * @template Result
     *
     * @param callable(): Result $work
     *
     * @return Result
     */
    public function alone(callable $work): mixed
    {
        $this->makeFolder();
        $lock = \fopen($this->folder.'/type-case.lock', 'c');
        \assert(\is_resource($lock));
        \flock($lock, \LOCK_EX);
        try {
            $this->entries = null;

            return $work();
        } finally {
            \flock($lock, \LOCK_UN);
            \fclose($lock);
        }
    }

    private function makeFolder(): void
    {
        if (!\is_dir($this->folder)) {
            @\mkdir($this->folder, 0o777, true);
        }
    }

    /**
     * Adds a font to the folder; call it within alone() if others may do so too.
     *
     * @throws FontException if the file is not a readable font
     */
    public function add(FontEntry $entry, string $bytes): void
    {
        Font::fromBytes($bytes);
        $this->makeFolder();
        \file_put_contents($this->folder.'/'.$entry->id.'.ttf', $bytes);
        $this->entries = null;
        unset($this->fonts[$entry->id]);
        $this->write([...\array_filter($this->entries(), static fn (FontEntry $known): bool => $known->id !== $entry->id), $entry]);
    }

    /** @param array<FontEntry> $entries */
    private function write(array $entries): void
    {
        // Written to another file and renamed, so that no reader sees half a list.
        $written = $this->list().'.'.\getmypid();
        \file_put_contents(
            $written,
            \json_encode(\array_values($entries), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR)."\n",
        );
        \rename($written, $this->list());
        $this->entries = null;
    }

    private function list(): string
    {
        return $this->folder.'/type-case.json';
    }

    public function entry(string $id): ?FontEntry
    {
        foreach ($this->entries() as $entry) {
            if ($entry->id === $id) {
                return $entry;
            }
        }

        return null;
    }

    public function file(string $id): ?string
    {
        return null === $this->entry($id) ? null : $this->folder.'/'.$id.'.ttf';
    }

    /** Measures all fonts of the folder again and writes the list. */
    public function measure(): void
    {
        $entries = \array_map(
            fn (FontEntry $entry): FontEntry => FontEntry::measured($entry->id, $entry->name, $entry->use, $entry->licence, $this->font($entry->id)),
            $this->entries(),
        );
        $this->write($entries);
    }
}
