<?php

declare(strict_types=1);

namespace Uvret\Geometry\Curve;

/** Collects lines, quadratics and cubics into a path of closed contours. */
final class PathBuilder
{
    /** @var list<list<float>> */
    private array $contours = [];

    /** @var list<float> */
    private array $contour = [];

    private float $x = 0.0;

    private float $y = 0.0;

    public function moveTo(float $x, float $y): self
    {
        $this->close();
        $this->contour = [$x, $y];
        $this->x = $x;
        $this->y = $y;

        return $this;
    }

    public function lineTo(float $x, float $y): self
    {
        if ($x === $this->x && $y === $this->y) {
            return $this;
        }

        return $this->cubicTo($this->x + ($x - $this->x) / 3, $this->y + ($y - $this->y) / 3, $x - ($x - $this->x) / 3, $y - ($y - $this->y) / 3, $x, $y);
    }

    public function quadraticTo(float $cx, float $cy, float $x, float $y): self
    {
        return $this->cubicTo(
            $this->x + 2 / 3 * ($cx - $this->x),
            $this->y + 2 / 3 * ($cy - $this->y),
            $x + 2 / 3 * ($cx - $x),
            $y + 2 / 3 * ($cy - $y),
            $x,
            $y,
        );
    }

    public function cubicTo(float $c1x, float $c1y, float $c2x, float $c2y, float $x, float $y): self
    {
        if ($x === $this->x && $y === $this->y && $c1x === $x && $c2x === $x && $c1y === $y && $c2y === $y) {
            return $this;
        }
        \array_push($this->contour, $c1x, $c1y, $c2x, $c2y, $x, $y);
        $this->x = $x;
        $this->y = $y;

        return $this;
    }

    /**
     * A part of an ellipse from where the contour is: cubics of at most 45°, which are off by less than 5 ∕ 1,000,000 of
     * the radius.
     *
     * @param float $from in degrees anticlockwise from straight to the right; where the contour is
     * @param float $to   less than that to go clockwise
     */
    public function arcTo(float $x, float $y, float $radiusX, float $radiusY, float $from, float $to): self
    {
        $pieces = (int) \max(1, \ceil(\abs($to - $from) / 45 - 1e-9));
        $step = \deg2rad($to - $from) / $pieces;
        $handle = 4 / 3 * \tan($step / 4);
        for ($piece = 0; $piece < $pieces; ++$piece) {
            $a = \deg2rad($from) + $piece * $step;
            $b = $a + $step;
            $this->cubicTo(
                $x + $radiusX * (\cos($a) - $handle * \sin($a)),
                $y + $radiusY * (\sin($a) + $handle * \cos($a)),
                $x + $radiusX * (\cos($b) + $handle * \sin($b)),
                $y + $radiusY * (\sin($b) - $handle * \cos($b)),
                $x + $radiusX * \cos($b),
                $y + $radiusY * \sin($b),
            );
        }

        return $this;
    }

    /** A whole ellipse as a contour of its own. */
    public function ellipse(float $x, float $y, float $radiusX, float $radiusY): self
    {
        return $this->moveTo($x + $radiusX, $y)->arcTo($x, $y, $radiusX, $radiusY, 0, 360)->close();
    }

    /** Closes the contour with a straight line where it is open. */
    public function close(): self
    {
        if ([] !== $this->contour) {
            $this->lineTo($this->contour[0], $this->contour[1]);
            if (\count($this->contour) > 2) {
                $this->contours[] = $this->contour;
            }
            $this->x = $this->contour[0];
            $this->y = $this->contour[1];
            $this->contour = [];
        }

        return $this;
    }

    public function path(): Path
    {
        $this->close();

        return new Path($this->contours);
    }
}
