<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/** A line to cut: closed, from its start all the way round; open for relief cuts. */
final readonly class KnifeRing
{
    /**
     * @param list<int> $points flat list x0, y0, x1, y1, … in µm, not closed; the cut starts at the first
     * @param int       $piece  number of its piece in the layer; −1 if none
     */
    public function __construct(
        public KnifeWork $work,
        public array $points,
        public int $piece,
    ) {
    }

    /** The ring simplified within a distance in µm; its start is kept. */
    public function simplified(float $within): self
    {
        return $this->isOpen() ? $this : new self($this->work, FewestPoints::ofRing($this->points, $within), $this->piece);
    }

    public function isOpen(): bool
    {
        return KnifeWork::Parting === $this->work;
    }

    /**
     * Path of the tip: round, and on by the overcut, so that the last fibre is cut too.
     *
     * @return list<float> flat list of points
     */
    public function cut(int $overcut): array
    {
        $line = \array_map(\floatval(...), $this->points);
        if ($this->isOpen()) {
            return $line;
        }
        $count = \count($line);
        $left = (float) $overcut;
        \array_push($line, $line[0], $line[1]);
        for ($i = 0; $left > 0 && $i < $count; $i += 2) {
            [$x, $y, $toX, $toY] = [$line[$i], $line[$i + 1], $line[$i + 2], $line[$i + 3]];
            $edge = \hypot($toX - $x, $toY - $y);
            $share = $edge > $left ? $left / $edge : 1.0;
            \array_push($line, $x + $share * ($toX - $x), $y + $share * ($toY - $y));
            $left -= $edge;
        }

        return $line;
    }
}
