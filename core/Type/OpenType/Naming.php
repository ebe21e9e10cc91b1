<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

/** The name table: what the font and its licence are called. */
final readonly class Naming
{
    /** @param array<int, string> $names by name id */
    private function __construct(private array $names)
    {
    }

    public static function read(Table $name): self
    {
        $count = $name->u16(2);
        $storage = $name->u16(4);
        $names = $ranks = [];
        for ($i = 0; $i < $count; ++$i) {
            $at = 6 + 12 * $i;
            $platform = $name->u16($at);
            $language = $name->u16($at + 4);
            $id = $name->u16($at + 6);
            $rank = match (true) {
                3 === $platform && 0x409 === $language => 3,
                0 === $platform => 2,
                3 === $platform => 1,
                1 === $platform && 0 === $language => 0,
                default => -1,
            };
            if ($rank <= ($ranks[$id] ?? -1)) {
                continue;
            }
            $text = $name->text($storage + $name->u16($at + 10), $name->u16($at + 8));
            $names[$id] = \mb_convert_encoding($text, 'UTF-8', 1 === $platform ? 'ISO-8859-1' : 'UTF-16BE');
            $ranks[$id] = $rank;
        }

        return new self($names);
    }

    /** The family, as a type case lists it. */
    public function family(): ?string
    {
        return $this->names[16] ?? $this->names[1] ?? null;
    }

    /** The licence or the copyright note, shortened. */
    public function licence(): string
    {
        return \mb_substr(\trim($this->names[13] ?? $this->names[0] ?? ''), 0, 300);
    }

    public function style(): ?string
    {
        return $this->names[17] ?? $this->names[2] ?? null;
    }
}
