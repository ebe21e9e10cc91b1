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
            /** @var list<array{id: string, name: string, use: string, licence: string}> $list */
            $list = \json_decode((string) \file_get_contents($this->folder.'/type-case.json'), true, 8, \JSON_THROW_ON_ERROR);
            $this->entries = \array_map(static fn (array $font): FontEntry => new FontEntry($font['id'], $font['name'], $font['use'], $font['licence']), $list);
        }

        return $this->entries;
    }

    public function file(string $id): ?string
    {
        $known = \array_filter($this->entries(), static fn (FontEntry $entry): bool => $entry->id === $id);

        return [] === $known ? null : $this->folder.'/'.$id.'.ttf';
    }
}
