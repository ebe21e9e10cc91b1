<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Path;
use Uvret\Type\FontException;

/** The glyf and loca tables: TrueType outlines, simple and composite. */
final readonly class GlyphOutlines implements Outlines
{
    private const NESTING = 8;
    private const COMPONENTS = 256;

    private const ON_CURVE = 0x01;
    private const X_SHORT = 0x02;
    private const Y_SHORT = 0x04;
    private const REPEAT = 0x08;
    private const X_SAME_OR_POSITIVE = 0x10;
    private const Y_SAME_OR_POSITIVE = 0x20;

    private const WORDS = 0x0001;
    private const OFFSETS = 0x0002;
    private const ONE_SCALE = 0x0008;
    private const MORE = 0x0020;
    private const TWO_SCALES = 0x0040;
    private const MATRIX = 0x0080;
    private const USE_MY_METRICS = 0x0200;
    private const SCALED_OFFSETS = 0x0800;

    /** @param list<int> $offsets where each glyph starts, and the end of the last */
    private function __construct(
        private Table $glyf,
        private array $offsets,
        private HorizontalMetrics $metrics,
    ) {
    }

    public static function read(Table $glyf, Table $loca, bool $long, int $glyphCount, HorizontalMetrics $metrics): self
    {
        $offsets = $long ? $loca->u32s(0, $glyphCount + 1) : \array_map(static fn (int $half): int => 2 * $half, $loca->u16s(0, $glyphCount + 1));

        return new self($glyf, $offsets, $metrics);
    }

    /** @throws FontException when the glyph is missing or damaged */
    public function points(int $glyph): GlyphPoints
    {
        $components = 0;

        return $this->glyph($glyph, 0, $components);
    }

    public function path(int $glyph): Path
    {
        $points = $this->points($glyph);
        $path = $points->toPath();

        return 0.0 === $points->left ? $path : $path->transform(Affine::move(-$points->left, 0));
    }

    public function box(int $glyph): array
    {
        $start = $this->offsets[$glyph] ?? 0;
        if (($this->offsets[$glyph + 1] ?? 0) <= $start) {
            return [0, 0, 0, 0];
        }
        $left = $this->metrics->bearing($glyph);
        [$x1, $y1, $x2, $y2] = [$this->glyf->i16($start + 2), $this->glyf->i16($start + 4), $this->glyf->i16($start + 6), $this->glyf->i16($start + 8)];

        return [$left, \min($y1, $y2), $left + \abs($x2 - $x1), \max($y1, $y2)];
    }

    private function glyph(int $glyph, int $depth, int &$components): GlyphPoints
    {
        if ($glyph < 0 || !isset($this->offsets[$glyph + 1])) {
            throw FontException::noSuchGlyph($glyph);
        }
        $length = $this->offsets[$glyph + 1] - $this->offsets[$glyph];
        if ($length < 0) {
            throw FontException::badTable('loca', 'a glyph ends before it starts');
        }
        if (0 === $length) {
            return new GlyphPoints();
        }
        $data = $this->glyf->part($this->offsets[$glyph], $length);
        $contours = $data->i16(0);
        $points = $contours >= 0 ? self::simple($data, $contours) : new GlyphPoints();
        $points->left = $data->i16(2) - $this->metrics->bearing($glyph);
        if ($contours < 0) {
            $this->composite($points, $data, $depth, $components);
        }

        return $points;
    }

    private static function simple(Table $data, int $contours): GlyphPoints
    {
        $points = new GlyphPoints();
        $points->ends = $data->u16s(10, $contours);
        $last = -1;
        foreach ($points->ends as $end) {
            if ($end < $last) {
                throw FontException::badTable('glyf', 'the contours of a glyph are out of order');
            }
            $last = $end;
        }
        $count = $last + 1;
        $at = 10 + 2 * $contours;
        $at += 2 + $data->u16($at);
        $flags = [];
        for ($size = 0; $size < $count;) {
            $flag = $data->u8($at++);
            $repeat = $flag & self::REPEAT ? 1 + $data->u8($at++) : 1;
            for (; $repeat > 0 && $size < $count; --$repeat, ++$size) {
                $flags[] = $flag;
                $points->on[] = 0 !== ($flag & self::ON_CURVE);
            }
        }
        $points->x = self::coordinates($data, $at, $flags, self::X_SHORT, self::X_SAME_OR_POSITIVE);
        $points->y = self::coordinates($data, $at, $flags, self::Y_SHORT, self::Y_SAME_OR_POSITIVE);

        return $points;
    }

    /**
     * @param list<int> $flags
     *
     * @return list<float>
     */
    private static function coordinates(Table $data, int &$at, array $flags, int $short, int $sameOrPositive): array
    {
        $value = 0;
        $values = [];
        foreach ($flags as $flag) {
            if ($flag & $short) {
                $step = $data->u8($at++);
                $value += $flag & $sameOrPositive ? $step : -$step;
            } elseif (!($flag & $sameOrPositive)) {
                $value += $data->i16($at);
                $at += 2;
            }
            $values[] = (float) $value;
        }

        return $values;
    }

    private function composite(GlyphPoints $whole, Table $data, int $depth, int &$components): void
    {
        if ($depth >= self::NESTING) {
            throw FontException::badTable('glyf', 'glyphs are made of each other without end');
        }
        $at = 10;
        do {
            if (++$components > self::COMPONENTS) {
                throw FontException::badTable('glyf', 'a glyph is made of too many others');
            }
            $flags = $data->u16($at);
            $part = $this->glyph($data->u16($at + 2), $depth + 1, $components);
            $at += 4;
            if ($flags & self::WORDS) {
                [$first, $second] = $flags & self::OFFSETS ? [$data->i16($at), $data->i16($at + 2)] : [$data->u16($at), $data->u16($at + 2)];
                $at += 4;
            } else {
                [$first, $second] = [$data->u8($at), $data->u8($at + 1)];
                if ($flags & self::OFFSETS) {
                    $first -= $first > 127 ? 256 : 0;
                    $second -= $second > 127 ? 256 : 0;
                }
                $at += 2;
            }
            $a = $d = 1.0;
            $b = $c = 0.0;
            if ($flags & self::ONE_SCALE) {
                $a = $d = $data->f2dot14($at);
                $at += 2;
            } elseif ($flags & self::TWO_SCALES) {
                $a = $data->f2dot14($at);
                $d = $data->f2dot14($at + 2);
                $at += 4;
            } elseif ($flags & self::MATRIX) {
                [$a, $b, $c, $d] = [$data->f2dot14($at), $data->f2dot14($at + 2), $data->f2dot14($at + 4), $data->f2dot14($at + 6)];
                $at += 8;
            }
            $x = $y = [];
            foreach ($part->x as $i => $px) {
                $x[] = $a * $px + $c * $part->y[$i];
                $y[] = $b * $px + $d * $part->y[$i];
            }
            if ($flags & self::OFFSETS) {
                $dx = $flags & self::SCALED_OFFSETS ? $first * \hypot($a, $b) : $first;
                $dy = $flags & self::SCALED_OFFSETS ? $second * \hypot($c, $d) : $second;
            } else {
                if (!isset($whole->x[$first], $x[$second])) {
                    throw FontException::badTable('glyf', 'a glyph is joined at a point that it does not have');
                }
                $dx = $whole->x[$first] - $x[$second];
                $dy = $whole->y[$first] - $y[$second];
            }
            $part->x = \array_map(static fn (float $value): float => $value + $dx, $x);
            $part->y = \array_map(static fn (float $value): float => $value + $dy, $y);
            if ($flags & self::USE_MY_METRICS) {
                $whole->left = $part->left;
            }
            $whole->add($part);
        } while ($flags & self::MORE);
    }
}
