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
        return $this->cubicTo($this->x + 2 / 3 * ($cx - $this->x), $this->y + 2 / 3 * ($cy - $this->y), $x + 2 / 3 * ($cx - $x), $y + 2 / 3 * ($cy - $y), $x, $y);
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
