<?php

declare(strict_types=1);

namespace Uvret\Layout;

use Uvret\Cut\CutSheet;
use Uvret\Cut\Frame\SharedEdge;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Copies of a sheet in rows across the film, frame to frame. Lengths in µm. */
final readonly class Rows
{
    /** @param list<array{along: int, across: int}> $places of each copy's corner: along the film and across it, from where the rows begin */
    private function __construct(
        public CutSheet $copy,
        public array $places,
    ) {
    }

    /** Rotates the copies by 90° only if that needs less film. */
    public static function of(CutSheet $sheet, int $copies): self
    {
        $other = $sheet->turnedRound();
        $isShorter = $copies > 1 && $other->fits() && (!$sheet->fits() || self::length($other, $copies) < self::length($sheet, $copies));
        $copy = $isShorter ? $other : $sheet;
        $places = [];
        for ($i = 0, $inRow = self::inRow($copy); $i < $copies; ++$i) {
            $places[] = ['along' => \intdiv($i, $inRow) * $copy->filmLength(), 'across' => $i % $inRow * $copy->filmWidth()];
        }

        return new self($copy, $places);
    }

    /** Film length used. */
    public function filmLength(): int
    {
        return self::length($this->copy, \count($this->places));
    }

    /** Film width used. */
    public function filmWidth(): int
    {
        return \min(\count($this->places), self::inRow($this->copy)) * $this->copy->filmWidth();
    }

    /** All copies as one sheet. */
    public function sheet(): CutSheet
    {
        if (1 === \count($this->places)) {
            return $this->copy;
        }
        [$copy, $box] = [$this->copy, new Box(0, 0, $this->filmWidth(), $this->filmLength())];
        /** @var list<Region> $regions */
        $regions = $marks = $frames = $parting = [];
        foreach ($this->places as $place) {
            $map = $this->map($place, $box->width());
            $regions[] = $copy->region->transform($map);
            $marks[] = $copy->marks->transform($map);
            $frames[] = $copy->frame->transform($map);
            \array_push($parting, ...\array_map($map->line(...), $copy->parting));
        }

        return new CutSheet(
            film: $copy->film,
            region: Region::empty()->union(...$regions),
            marks: Region::empty()->union(...$marks),
            frame: Region::empty()->union(...$frames),
            box: $box,
            turned: false,
            parting: [...$parting, ...SharedEdge::among($frames)],
        );
    }

    /**
     * Maps a copy onto the sheet of all copies: x across the film from its far edge, y along it.
     *
     * @param array{along: int, across: int} $place
     */
    private function map(array $place, int $width): Affine
    {
        $right = $width - $place['across'];

        return $this->copy->turned
            ? new Affine(0, 1, -1, 0, $right, $place['along'])
            : Affine::move($right - $this->copy->box->width(), $place['along']);
    }

    private static function inRow(CutSheet $sheet): int
    {
        return \max(1, \intdiv($sheet->film->width, \max(1, $sheet->filmWidth())));
    }

    private static function length(CutSheet $sheet, int $copies): int
    {
        return (int) \ceil($copies / self::inRow($sheet)) * $sheet->filmLength();
    }
}
