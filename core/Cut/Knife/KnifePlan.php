<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

use Uvret\Cut\CutSheet;

/** The knife's moves on a sheet, in order. Lengths are in µm. */
final readonly class KnifePlan
{
    /**
     * @param list<KnifeRing>   $rings           in cutting order
     * @param list<list<float>> $lines           path of the holder's axis for each ring, flat lists of points
     * @param list<float>       $turning         likewise for the blade-turning cut before the first ring; empty if none
     * @param float             $travel          of the raised knife
     * @param float             $unorderedTravel travel in document order
     * @param float             $cutting         of the lowered knife, overcuts included
     */
    public function __construct(
        public CutSheet $sheet,
        public KnifeSettings $settings,
        public array $rings,
        public array $lines,
        public array $turning,
        public float $travel,
        public float $unorderedTravel,
        public float $cutting,
        public float $seconds,
    ) {
    }

    /** On the film: x along, y across, from the corner where the sheet begins. */
    public function onFilm(): self
    {
        if ($this->sheet->turned) {
            return $this;
        }
        $width = $this->sheet->box->width();

        return new self(
            sheet: $this->sheet,
            settings: $this->settings,
            rings: \array_map(static fn (KnifeRing $ring): KnifeRing => new KnifeRing(
                $ring->work,
                \array_map(\intval(...), self::turned(\array_map(\floatval(...), $ring->points), $width)),
                $ring->piece,
            ), $this->rings),
            lines: \array_map(static fn (array $line): array => self::turned($line, $width), $this->lines),
            turning: self::turned($this->turning, $width),
            travel: $this->travel,
            unorderedTravel: $this->unorderedTravel,
            cutting: $this->cutting,
            seconds: $this->seconds,
        );
    }

    /**
     * Rotates by 90° rather than swapping axes, which would mirror.
     *
     * @param list<float> $line flat list of points
     *
     * @return list<float>
     */
    private static function turned(array $line, int $width): array
    {
        $turned = [];
        for ($i = 0, $count = \count($line); $i < $count; $i += 2) {
            \array_push($turned, $line[$i + 1], $width - $line[$i]);
        }

        return $turned;
    }

    /** Travel saved by the order, in µm. */
    public function saved(): float
    {
        return $this->unorderedTravel - $this->travel;
    }

    /** Number of points of all rings. */
    public function nodes(): int
    {
        return \array_sum(\array_map(static fn (KnifeRing $ring): int => \intdiv(\count($ring->points), 2), $this->rings));
    }

    /** @return array{film: string, rings: int, nodes: int, travel: int, travelUnordered: int, cuttingLength: int, seconds: float} lengths in µm */
    public function measures(): array
    {
        return [
            'film' => $this->sheet->film->id,
            'rings' => \count($this->rings),
            'nodes' => $this->nodes(),
            'travel' => (int) \round($this->travel),
            'travelUnordered' => (int) \round($this->unorderedTravel),
            'cuttingLength' => (int) \round($this->cutting),
            'seconds' => \round($this->seconds, 2),
        ];
    }
}
