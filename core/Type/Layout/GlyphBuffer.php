<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

/** The glyphs of a line while they are shaped, in reading order. */
final class GlyphBuffer
{
    /** Maximum glyphs in a line; only a hostile font produces more. */
    private const MOST = 20000;

    private int $ligatures = 0;

    /** @param list<Glyph> $glyphs */
    public function __construct(public array $glyphs)
    {
    }

    public function count(): int
    {
        return \count($this->glyphs);
    }

    public function newLigature(): int
    {
        return ++$this->ligatures;
    }

    public function isFull(): bool
    {
        return \count($this->glyphs) >= self::MOST;
    }

    /** Makes the glyphs from start up to end one cluster, with those before and after that are in one with them. */
    public function mergeClusters(int $start, int $end): void
    {
        $count = \count($this->glyphs);
        if ($end - $start < 2) {
            return;
        }
        $cluster = \PHP_INT_MAX;
        for ($i = $start; $i < $end; ++$i) {
            $cluster = \min($cluster, $this->glyphs[$i]->cluster);
        }
        while ($end < $count && $this->glyphs[$end - 1]->cluster === $this->glyphs[$end]->cluster && $this->glyphs[$end - 1]->cluster !== $cluster) {
            ++$end;
        }
        while ($start > 0 && $this->glyphs[$start - 1]->cluster === $this->glyphs[$start]->cluster && $this->glyphs[$start]->cluster !== $cluster) {
            --$start;
        }
        for ($i = $start; $i < $end; ++$i) {
            $this->glyphs[$i]->cluster = $cluster;
        }
    }

    /** Takes a glyph out; its cluster goes over to a neighbour. */
    public function delete(int $at): void
    {
        $cluster = $this->glyphs[$at]->cluster;
        $next = $this->glyphs[$at + 1] ?? null;
        $before = $this->glyphs[$at - 1] ?? null;
        if (null !== $next && $next->cluster === $cluster) {
            // The cluster lives on.
        } elseif (null !== $before) {
            if ($cluster < $before->cluster) {
                $old = $before->cluster;
                for ($i = $at - 1; $i >= 0 && $this->glyphs[$i]->cluster === $old; --$i) {
                    $this->glyphs[$i]->cluster = $cluster;
                }
            }
        } elseif (null !== $next) {
            $this->mergeClusters($at, $at + 2);
        }
        \array_splice($this->glyphs, $at, 1);
    }
}
