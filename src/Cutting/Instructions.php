<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

use Uvret\Cut\File\HpglFile;
use Uvret\Cut\Knife\KnifePlan;
use Uvret\Cut\Knife\KnifeRing;

/** HP-GL for one layer, ring by ring. */
final readonly class Instructions
{
    /** Distance from the sheet's long edge and length of the blade-turning cut in the margin's waste, in µm. */
    private const EDGE = 3_000;

    private const TURNING = 2_400;

    /** Instruction that ends each ring. */
    private const RAISED = 'PU;';

    /**
     * @param list<string>    $lines  one for each ring
     * @param list<list<int>> $rings  where the tip is to go, in µm from the sheet's corner
     * @param int|null        $turnAt where along the film the blade is turned first, by a stroke of its own; null if it is not
     * @param int             $passes how often each ring is cut
     * @param list<int|null>  $pieces which piece of the layer each ring belongs to; null for none, or where that is not known
     */
    public function __construct(
        public string $begin,
        public array $lines,
        public string $end,
        public array $rings,
        public ?int $turnAt,
        public int $passes,
        public array $pieces = [],
    ) {
    }

    /** Feeds the film out, so that the next cut begins behind this one. */
    private const FEED = 'PG;';

    /**
     * @param list<int> $pieces the numbers in the layer of the pieces of the sheet
     * @param bool      $feeds  whether the film is fed out in the end
     */
    public static function of(KnifePlan $plan, array $pieces = [], bool $feeds = true): self
    {
        // Nothing follows the last semicolon, so bytes executed can reach bytes sent.
        $tight = static fn (string $text): string => \str_replace("\n", '', $text);

        return new self(
            begin: $tight(HpglFile::begin($plan)),
            lines: \array_map($tight, HpglFile::lines($plan)),
            end: $tight(HpglFile::END).($feeds ? self::FEED : ''),
            rings: \array_map(static fn (KnifeRing $ring): array => $ring->points, $plan->rings),
            turnAt: [] === $plan->turning ? null : \intdiv($plan->sheet->filmLength(), 2),
            passes: $plan->settings->passes,
            pieces: \array_map(static fn (KnifeRing $ring): ?int => $pieces[$ring->piece] ?? null, $plan->rings),
        );
    }

    public function feeds(): bool
    {
        return \str_ends_with($this->end, self::FEED);
    }

    public static function fromJson(string $json): self
    {
        /**
         * @var array{
         *     begin: string,
         *     lines: list<string>,
         *     end: string,
         *     rings: list<list<int>>,
         *     turnAt: int|null,
         *     passes: int,
         *     pieces?: list<int|null>,
         * } $parts
         */
        $parts = \json_decode($json, true, 8, \JSON_THROW_ON_ERROR);

        return new self(...$parts);
    }

    public function toJson(): string
    {
        return \json_encode($this, \JSON_THROW_ON_ERROR);
    }

    /**
     * A short cut in the waste of the margin that turns the blade for the next ring, needed when a cut resumes in the middle and no previous
     * ring has turned it.
     */
    private function turning(int $from): string
    {
        $line = $this->lines[$from] ?? '';
        if (null === $this->turnAt || 1 !== \preg_match('/^PU(-?\d+),(-?\d+);/', $line, $holder)) {
            return '';
        }
        [$tipX, $tipY] = $this->rings[$from];
        $unit = HpglFile::UNIT;
        [$x, $y] = [$unit * (int) $holder[1] - HpglFile::EDGE - $tipX, $unit * (int) $holder[2] - HpglFile::EDGE - $tipY];
        $far = \max(1.0, \hypot($x, $y));
        [$atX, $atY] = [($this->turnAt + HpglFile::EDGE) / $unit, (self::EDGE + HpglFile::EDGE) / $unit];
        $long = self::TURNING / $unit / $far;

        return \sprintf('PU%d,%d;PD%d,%d;PU;', \round($atX), \round($atY), \round($atX + $long * $x), \round($atY + $long * $y));
    }

    /** The stream from a ring on. */
    public function stream(int $from): string
    {
        return $this->begin.$this->turning($from).\implode('', \array_slice($this->lines, $from)).$this->end;
    }

    /** Number of rings cut after this many bytes of the stream from a ring on: a ring counts just before the knife is raised at its end. */
    public function cut(int $from, int $bytes): int
    {
        foreach ($this->ends($from) as $at => $end) {
            if ($end - \strlen(self::RAISED) > $bytes) {
                return $from + $at;
            }
        }

        return \count($this->lines);
    }

    /** End of the ring that contains a position, in the stream from a ring on. */
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
        $end = \strlen($this->begin.$this->turning($from));
        $ends = [];
        foreach (\array_slice($this->lines, $from) as $line) {
            $ends[] = $end += \strlen($line);
        }

        return $ends;
    }

    /** Share left after this many rings, from 1 down to 0. */
    public function share(int $done): float
    {
        $lengths = \array_map(\strlen(...), $this->lines);

        return \array_sum(\array_slice($lengths, $done)) / \max(1, \array_sum($lengths));
    }
}
