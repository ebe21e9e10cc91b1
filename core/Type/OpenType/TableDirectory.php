<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Type\FontException;

/** The first stage: which tables a font file has, and where. */
final class TableDirectory
{
    /** @param array<string, array{int, int}> $places offset and length of each table */
    private function __construct(
        private readonly string $bytes,
        private readonly array $places,
    ) {
    }

    public static function of(string $bytes): self
    {
        $file = new Table('directory', $bytes);
        $kind = \substr($bytes, 0, 4);
        match (true) {
            "\x00\x01\x00\x00" === $kind, 'true' === $kind, 'OTTO' === $kind => null,
            'ttcf' === $kind => throw FontException::notYet('several faces in one file', 'Bring each face as a file of its own.'),
            'wOFF' === $kind => $bytes = WebFont::unpack($bytes),
            'wOF2' === $kind => throw FontException::notYet('the packing WOFF2', 'Bring its .ttf, .otf or .woff file instead.'),
            default => throw FontException::notAFont(),
        };
        $file = new Table('directory', $bytes);
        $count = $file->u16(4);
        $places = [];
        for ($i = 0; $i < $count; ++$i) {
            $at = 12 + 16 * $i;
            $tag = $file->text($at, 4);
            $offset = $file->u32($at + 8);
            $length = $file->u32($at + 12);
            if ($offset + $length > \strlen($bytes)) {
                throw FontException::cutShort($tag);
            }
            $places[$tag] = [$offset, $length];
        }

        return new self($bytes, $places);
    }

    public function has(string $tag): bool
    {
        return isset($this->places[$tag]);
    }

    /** @throws FontException when the table is missing */
    public function table(string $tag): Table
    {
        [$offset, $length] = $this->places[$tag] ?? throw FontException::missingTable($tag);

        return new Table($tag, \substr($this->bytes, $offset, $length));
    }
}
