<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Geometry\Curve\Path;

/**
 * The outline of an element in its own coordinates: open or closed lines of cubic segments, each a flat list x0, y0, then six
 * numbers for each segment.
 */
final class ElementOutline
{
    /** @var list<array{list<float>, bool}> each with whether it is closed */
    public array $lines = [];

    /** @param float ...$numbers of a point */
    public function moveTo(float ...$numbers): self
    {
        $this->lines[] = [\array_values($numbers), false];

        return $this;
    }

    public function lineTo(float $x, float $y): self
    {
        [$fx, $fy] = $this->end();

        return $this->cubicTo($fx + ($x - $fx) / 3, $fy + ($y - $fy) / 3, $x - ($x - $fx) / 3, $y - ($y - $fy) / 3, $x, $y);
    }

    public function quadraticTo(float $cx, float $cy, float $x, float $y): self
    {
        [$fx, $fy] = $this->end();

        return $this->cubicTo($fx + 2 / 3 * ($cx - $fx), $fy + 2 / 3 * ($cy - $fy), $x + 2 / 3 * ($cx - $x), $y + 2 / 3 * ($cy - $y), $x, $y);
    }

    public function cubicTo(float $ax, float $ay, float $bx, float $by, float $x, float $y): self
    {
        $last = \count($this->lines) - 1;
        if ($last >= 0) {
            \array_push($this->lines[$last][0], $ax, $ay, $bx, $by, $x, $y);
        }

        return $this;
    }

    /** An elliptical arc from where the line is (SVG 2, appendix B.2). */
    public function arcTo(float $rx, float $ry, float $turn, bool $isLarge, bool $isClockwise, float $x, float $y): self
    {
        [$fx, $fy] = $this->end();
        $rx = \abs($rx);
        $ry = \abs($ry);
        if (0.0 === $rx || 0.0 === $ry || ($fx === $x && $fy === $y)) {
            return $this->lineTo($x, $y);
        }
        $cos = \cos(\deg2rad($turn));
        $sin = \sin(\deg2rad($turn));
        $hx = ($cos * ($fx - $x) + $sin * ($fy - $y)) / 2;
        $hy = (-$sin * ($fx - $x) + $cos * ($fy - $y)) / 2;
        // Radii too small to reach are made as large as they have to be.
        $scale = \sqrt(\max(1.0, ($hx / $rx) ** 2 + ($hy / $ry) ** 2));
        $rx *= $scale;
        $ry *= $scale;
        $share = \max(0.0, ($rx * $rx * $ry * $ry) / ($rx * $rx * $hy * $hy + $ry * $ry * $hx * $hx) - 1);
        $root = ($isLarge === $isClockwise ? -1 : 1) * \sqrt($share);
        [$ux, $uy] = [$root * $rx * $hy / $ry, -$root * $ry * $hx / $rx];
        [$cx, $cy] = [$cos * $ux - $sin * $uy + ($fx + $x) / 2, $sin * $ux + $cos * $uy + ($fy + $y) / 2];
        $from = \atan2(($hy - $uy) / $ry, ($hx - $ux) / $rx);
        $to = \atan2((-$hy - $uy) / $ry, (-$hx - $ux) / $rx);
        if ($isClockwise && $to < $from) {
            $to += 2 * \M_PI;
        } elseif (!$isClockwise && $to > $from) {
            $to -= 2 * \M_PI;
        }
        $pieces = (int) \max(1, \ceil(\abs($to - $from) / (\M_PI / 4) - 1e-9));
        $step = ($to - $from) / $pieces;
        $handle = 4 / 3 * \tan($step / 4);
        $at = static fn (float $px, float $py): array => [$cx + $cos * $rx * $px - $sin * $ry * $py, $cy + $sin * $rx * $px + $cos * $ry * $py];
        for ($piece = 0; $piece < $pieces; ++$piece) {
            $a = $from + $piece * $step;
            $b = $a + $step;
            [$ax, $ay] = $at(\cos($a) - $handle * \sin($a), \sin($a) + $handle * \cos($a));
            [$bx, $by] = $at(\cos($b) + $handle * \sin($b), \sin($b) - $handle * \cos($b));
            [$ex, $ey] = $piece === $pieces - 1 ? [$x, $y] : $at(\cos($b), \sin($b));
            $this->cubicTo($ax, $ay, $bx, $by, $ex, $ey);
        }

        return $this;
    }

    public function close(): self
    {
        $last = \count($this->lines) - 1;
        if ($last >= 0 && !$this->lines[$last][1]) {
            $line = $this->lines[$last][0];
            [$x, $y] = $this->end();
            if ($x !== $line[0] || $y !== $line[1]) {
                $this->lineTo($line[0], $line[1]);
            }
            $this->lines[$last][1] = true;
        }

        return $this;
    }

    /** What is filled: every line closed. */
    public function filled(): Path
    {
        $contours = [];
        foreach ($this->lines as [$line]) {
            $end = \count($line) - 2;
            if ($end < 6) {
                continue;
            }
            if ($line[0] !== $line[$end] || $line[1] !== $line[$end + 1]) {
                [$x, $y, $tx, $ty] = [$line[$end], $line[$end + 1], $line[0], $line[1]];
                \array_push($line, $x + ($tx - $x) / 3, $y + ($ty - $y) / 3, $tx - ($tx - $x) / 3, $ty - ($ty - $y) / 3, $tx, $ty);
            }
            $contours[] = $line;
        }

        return new Path($contours);
    }

    /** @return array{float, float} */
    private function end(): array
    {
        $last = \count($this->lines) - 1;
        if ($last < 0) {
            return [0.0, 0.0];
        }
        $line = $this->lines[$last][0];

        return [$line[\count($line) - 2], $line[\count($line) - 1]];
    }
}
