<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/**
 * An affine map of the plane: x' = a·x + c·y + e, y' = b·x + d·y + f, as in SVG's matrix(a b c d e f).
 * Lengths e and f are in µm.
 */
final readonly class Affine
{
    public function __construct(
        public float $a,
        public float $b,
        public float $c,
        public float $d,
        public float $e,
        public float $f,
    ) {
    }

    /**
     * The image of a line, rounded to the grid.
     *
     * @param list<int> $line flat list x0, y0, x1, y1, … in µm
     *
     * @return list<int>
     */
    public function line(array $line): array
    {
        $image = [];
        for ($i = 0, $count = \count($line); $i < $count; $i += 2) {
            $image[] = Grid::round($this->a * $line[$i] + $this->c * $line[$i + 1] + $this->e);
            $image[] = Grid::round($this->b * $line[$i] + $this->d * $line[$i + 1] + $this->f);
        }

        return $image;
    }

    public static function identity(): self
    {
        return new self(1, 0, 0, 1, 0, 0);
    }

    public static function move(float $dx, float $dy): self
    {
        return new self(1, 0, 0, 1, $dx, $dy);
    }

    public static function scale(float $x, ?float $y = null): self
    {
        return new self($x, 0, 0, $y ?? $x, 0, 0);
    }

    /** A turn about the origin, anticlockwise, in degrees. */
    public static function turn(float $degrees): self
    {
        $cos = \cos(\deg2rad($degrees));
        $sin = \sin(\deg2rad($degrees));

        return new self($cos, $sin, -$sin, $cos, 0, 0);
    }

    /** The mirror image in the y axis: left and right change sides. */
    public static function mirror(): self
    {
        return new self(-1, 0, 0, 1, 0, 0);
    }

    /** This map first, then the next. */
    public function then(self $next): self
    {
        return new self(
            $next->a * $this->a + $next->c * $this->b,
            $next->b * $this->a + $next->d * $this->b,
            $next->a * $this->c + $next->c * $this->d,
            $next->b * $this->c + $next->d * $this->d,
            $next->a * $this->e + $next->c * $this->f + $next->e,
            $next->b * $this->e + $next->d * $this->f + $next->f,
        );
    }

    public function determinant(): float
    {
        return $this->a * $this->d - $this->b * $this->c;
    }

    /** Whether the map only moves, by whole micrometres. */
    public function isWholeMove(): bool
    {
        return 1.0 === $this->a && 0.0 === $this->b && 0.0 === $this->c && 1.0 === $this->d && \floor($this->e) === $this->e && \floor($this->f) === $this->f;
    }

    /** Whether the map is a whole-micrometre move of the plane or of its mirror image. */
    public function isWholeMirror(): bool
    {
        return -1.0 === $this->a && 0.0 === $this->b && 0.0 === $this->c && 1.0 === $this->d && \floor($this->e) === $this->e && \floor($this->f) === $this->f;
    }
}
