<?php

declare(strict_types=1);

namespace Uvret\Type;

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
            /** @var list<array{id: string, name: string, use: string, licence: string}> $list */
            $list = \is_file($file) ? \json_decode((string) \file_get_contents($file), true, 8, \JSON_THROW_ON_ERROR) : [];
            $this->entries = \array_map(static fn (array $font): FontEntry => new FontEntry($font['id'], $font['name'], $font['use'], $font['licence']), $list);
        }

        return $this->entries;
    }

    /**
     * Puts a font into the folder.
     *
     * @throws FontException where the file is not a font that can be read
     */
    public function add(FontEntry $entry, string $bytes): void
    {
        Font::fromBytes($bytes);
        if (!\is_dir($this->folder)) {
            \mkdir($this->folder, 0o777, true);
        }
        \file_put_contents($this->folder.'/'.$entry->id.'.ttf', $bytes);
        $this->entries = null;
        $entries = [...\array_filter($this->entries(), static fn (FontEntry $known): bool => $known->id !== $entry->id), $entry];
        // Written beside it and moved over it, so that no reader finds half a list.
        $written = $this->list().'.'.\getmypid();
        \file_put_contents($written, \json_encode($entries, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR)."\n");
        \rename($written, $this->list());
        $this->entries = null;
        unset($this->fonts[$entry->id]);
    }

    private function list(): string
    {
        return $this->folder.'/type-case.json';
    }

    public function file(string $id): ?string
    {
        $known = \array_filter($this->entries(), static fn (FontEntry $entry): bool => $entry->id === $id);

        return [] === $known ? null : $this->folder.'/'.$id.'.ttf';
    }
}
