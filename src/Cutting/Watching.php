<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

use Uvret\App\Entity\CutRun;
use Uvret\Cut\File\HpglFile;
use Uvret\Geometry\Measure\BoxTree;

/** Compares the cut with the plan: deviation of the tip from each ring, by the cutter's log. */
final readonly class Watching
{
    /** Steps of deviation in µm; larger ones count as the last. */
    private const STEPS = [25, 50, 100, 200, 500, 1_000, 2_000, 5_000];

    public function __construct(private CutterPanel $panel)
    {
    }

    /** Starts a stream: strokes logged from now on belong to it. */
    public function begin(CutRun $run): void
    {
        $run->strokes = $this->panel->strokes();
    }

    /** Checks rings cut since the last check. */
    public function look(CutRun $run, Instructions $instructions): void
    {
        $offs = $run->offs();
        if (null === $run->strokes || \count($offs) >= $run->done) {
            return;
        }
        // Rings of an earlier stream that were not checked in time stay unknown.
        while (\count($offs) < $run->from) {
            $offs[] = null;
        }
        $first = $run->strokes + (null === $instructions->turnAt ? 0 : 1) + $instructions->passes * (\count($offs) - $run->from);
        $strokes = $this->panel->record($first);
        for ($ring = \count($offs), $at = $instructions->passes - 1; $ring < $run->done; ++$ring, $at += $instructions->passes) {
            $offs[] = isset($strokes[$at]) ? self::off($strokes[$at], $instructions->rings[$ring]) : null;
        }
        $run->offs = \json_encode($offs, \JSON_THROW_ON_ERROR);
    }

    /**
     * @param list<float> $stroke flat list of points in mm
     * @param list<int>   $ring   in µm
     */
    private static function off(array $stroke, array $ring): int
    {
        $tree = BoxTree::of([$ring]);
        $step = 0;
        for ($i = 0, $count = \count($stroke); $i + 1 < $count; $i += 2) {
            [$x, $y] = [(int) \round(1_000 * $stroke[$i]) - HpglFile::EDGE, (int) \round(1_000 * $stroke[$i + 1]) - HpglFile::EDGE];
            while (isset(self::STEPS[$step + 1]) && $tree->edgeNearer($x, $y, self::STEPS[$step]) < 0) {
                ++$step;
            }
        }

        return self::STEPS[$step];
    }
}
