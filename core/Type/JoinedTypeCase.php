<?php

declare(strict_types=1);

namespace Uvret\Type;

/** Several type cases as one, such as the app's fonts and the shop's; the first with an id wins. */
final readonly class JoinedTypeCase implements TypeCase
{
    /** @param list<TypeCase> $cases */
    public function __construct(private array $cases)
    {
    }

    public function font(string $id): Font
    {
        foreach ($this->cases as $case) {
            if (null !== $case->file($id)) {
                return $case->font($id);
            }
        }
        throw FontException::notInTypeCase($id);
    }

    public function entries(): array
    {
        return \array_merge(...\array_map(static fn (TypeCase $case): array => $case->entries(), $this->cases));
    }

    public function entry(string $id): ?FontEntry
    {
        foreach ($this->cases as $case) {
            $entry = $case->entry($id);
            if (null !== $entry) {
                return $entry;
            }
        }

        return null;
    }

    public function file(string $id): ?string
    {
        foreach ($this->cases as $case) {
            $file = $case->file($id);
            if (null !== $file) {
                return $file;
            }
        }

        return null;
    }
}
