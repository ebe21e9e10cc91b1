<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Geometry\Curve\Path;
use Uvret\Geometry\Curve\PathBuilder;

/** The points of a TrueType glyph, in font units: on the curve, or controls of quadratics. */
final class GlyphPoints
{
    /** @var list<float> */
    public array $x = [];

    /** @var list<float> */
    public array $y = [];

    /** @var list<bool> */
    public array $on = [];

    /** @var list<int> the number of the last point of each contour */
    public array $ends = [];

    /** How far left of the origin the outline stands: its least x less its left side bearing. */
    public float $left = 0.0;

    public function add(self $part): void
    {
        $offset = \count($this->x);
        \array_push($this->x, ...$part->x);
        \array_push($this->y, ...$part->y);
        \array_push($this->on, ...$part->on);
        foreach ($part->ends as $end) {
            $this->ends[] = $offset + $end;
        }
    }

    /**
     * The contours as curves. Between two controls lies a point of the curve halfway; a contour may
     * begin with a control, then it starts at its last point, or halfway if that is a control too.
     */
    public function toPath(): Path
    {
        $builder = new PathBuilder();
        $first = 0;
        foreach ($this->ends as $end) {
            $count = $end - $first + 1;
            if ($count >= 2) {
                $this->contour($builder, $first, $count);
            }
            $first = $end + 1;
        }

        return $builder->path();
    }

    private function contour(PathBuilder $builder, int $first, int $count): void
    {
        $x = \array_slice($this->x, $first, $count);
        $y = \array_slice($this->y, $first, $count);
        $on = \array_slice($this->on, $first, $count);
        $last = $count - 1;
        $begin = 0;
        if ($on[0]) {
            $builder->moveTo($x[0], $y[0]);
            $begin = 1;
        } elseif ($on[$last]) {
            $builder->moveTo($x[$last], $y[$last]);
            --$last;
        } else {
            $builder->moveTo(($x[0] + $x[$last]) / 2, ($y[0] + $y[$last]) / 2);
        }
        [$startX, $startY] = match (true) {
            $on[0] => [$x[0], $y[0]],
            $on[$count - 1] => [$x[$count - 1], $y[$count - 1]],
            default => [($x[0] + $x[$last]) / 2, ($y[0] + $y[$last]) / 2],
        };
        for ($i = $begin; $i <= $last; ++$i) {
            if ($on[$i]) {
                $builder->lineTo($x[$i], $y[$i]);
                continue;
            }
            if ($i === $last) {
                $builder->quadraticTo($x[$i], $y[$i], $startX, $startY);
            } elseif ($on[$i + 1]) {
                $builder->quadraticTo($x[$i], $y[$i], $x[$i + 1], $y[$i + 1]);
                ++$i;
            } else {
                $builder->quadraticTo($x[$i], $y[$i], ($x[$i] + $x[$i + 1]) / 2, ($y[$i] + $y[$i + 1]) / 2);
            }
        }
        $builder->close();
    }
}
