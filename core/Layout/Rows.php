<?php

declare(strict_types=1);

namespace Uvret\Layout;

use Uvret\Cut\CutSheet;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;

/** Copies of a sheet in rows across the film, frame to frame. Lengths in µm. */
final readonly class Rows
{
    /** @param list<array{along: int, across: int}> $places corner of each copy along and across the film, from the start of the rows */
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
        $box = new Box(0, 0, $this->filmWidth(), $this->filmLength());
        $sheets = \array_map(fn (array $place): array => [$this->copy, $this->map($place, $box->width())], $this->places);

        return JoinedSheets::of([] === $sheets ? [[$this->copy, Affine::identity()]] : $sheets, $box);
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
