<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

use Uvret\Cut\File\HpglFile;
use Uvret\Cut\Knife\KnifePlan;

/** What a cutter is sent for one layer, ring by ring. */
final readonly class Instructions
{
    /** @param list<string> $lines one for each ring */
    public function __construct(
        public string $begin,
        public array $lines,
        public string $end,
    ) {
    }

    public static function of(KnifePlan $plan): self
    {
        // Nothing stands behind the last semicolon, so that what is carried out is all that was sent.
        $tight = static fn (string $text): string => \str_replace("\n", '', $text);

        return new self($tight(HpglFile::begin($plan)), \array_map($tight, HpglFile::lines($plan)), $tight(HpglFile::END));
    }

    public static function fromJson(string $json): self
    {
        /** @var array{begin: string, lines: list<string>, end: string} $parts */
        $parts = \json_decode($json, true, 8, \JSON_THROW_ON_ERROR);

        return new self($parts['begin'], $parts['lines'], $parts['end']);
    }

    public function toJson(): string
    {
        return \json_encode($this, \JSON_THROW_ON_ERROR);
    }

    /** From a ring on. */
    public function stream(int $from): string
    {
        return $this->begin.\implode('', \array_slice($this->lines, $from)).$this->end;
    }

    /** How many rings are cut when so much of the stream from a ring on is carried out. */
    public function cut(int $from, int $bytes): int
    {
        $end = \strlen($this->begin);
        $done = $from;
        foreach (\array_slice($this->lines, $from) as $line) {
            $end += \strlen($line);
            if ($end > $bytes) {
                break;
            }
            ++$done;
        }

        return $done;
    }

    /** How much of it is left when so many rings are cut, from 1 down to 0. */
    public function share(int $done): float
    {
        $lengths = \array_map(\strlen(...), $this->lines);

        return \array_sum(\array_slice($lengths, $done)) / \max(1, \array_sum($lengths));
    }
}
