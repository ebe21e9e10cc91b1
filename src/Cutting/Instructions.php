<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

use Uvret\Cut\File\HpglFile;
use Uvret\Cut\Knife\KnifePlan;

/** What a cutter is sent for one layer, ring by ring. */
final readonly class Instructions
{
    /** What stands at the end of each ring. */
    private const RAISED = 'PU;';

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

        // PG feeds the film out, so that the next layer begins behind this one.
        return new self($tight(HpglFile::begin($plan)), \array_map($tight, HpglFile::lines($plan)), $tight(HpglFile::END).'PG;');
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

    /** How many rings are cut when so much of the stream from a ring on is carried out: one is before the knife is raised at its end. */
    public function cut(int $from, int $bytes): int
    {
        foreach ($this->ends($from) as $at => $end) {
            if ($end - \strlen(self::RAISED) > $bytes) {
                return $from + $at;
            }
        }

        return \count($this->lines);
    }

    /** Where in the stream from a ring on the ring ends that a place is in. */
    public function ringEnd(int $from, int $place): int
    {
        foreach ($this->ends($from) as $end) {
            if ($end > $place) {
                return $end;
            }
        }

        return \strlen($this->stream($from));
    }

    /** @return list<int> */
    private function ends(int $from): array
    {
        $end = \strlen($this->begin);
        $ends = [];
        foreach (\array_slice($this->lines, $from) as $line) {
            $ends[] = $end += \strlen($line);
        }

        return $ends;
    }

    /** How much of it is left when so many rings are cut, from 1 down to 0. */
    public function share(int $done): float
    {
        $lengths = \array_map(\strlen(...), $this->lines);

        return \array_sum(\array_slice($lengths, $done)) / \max(1, \array_sum($lengths));
    }
}
