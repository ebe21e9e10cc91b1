<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

use Uvret\Cut\CutSheet;

/** What the knife does on a sheet, in its order. Lengths are in µm. */
final readonly class KnifePlan
{
    /**
     * @param list<KnifeRing>   $rings           as they are cut
     * @param list<list<float>> $lines           flat lists of the points where the middle of the holder goes, one for each ring
     * @param list<float>       $turning         the same for the cut in the waste that turns the blade before the first one; empty for none
     * @param float             $travel          of the raised knife
     * @param float             $unorderedTravel what it would be in the order of the document
     * @param float             $cutting         of the lowered knife, overcuts and all
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

    /** As it lies on the film: x along the film, y across it, from the corner where the sheet begins. */
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
     * A quarter turn, so that nothing is mirrored.
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

    /** How much of its travel the order saves, in µm. */
    public function saved(): float
    {
        return $this->unorderedTravel - $this->travel;
    }

    /** The points of all rings as they are cut. */
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
