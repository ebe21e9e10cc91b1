<?php

declare(strict_types=1);

namespace Uvret\Cut\Weeding;

use Uvret\Cut\CutSheet;
use Uvret\Design\FilmLimits;
use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\BoxTree;
use Uvret\Geometry\Region;

/**
 * What there is to weed of a sheet, and how long that takes:
 *
 *     seconds = begin + metre · outline + neck · necks + hole · holes + small · small holes + stroke · thin strokes
 *
 * The outline is what the waste round the ink is pulled off along; necks are the places where that waste is narrower than a finger's
 * hold: what an opening by half of it takes away and touches on two sides. A hole is small where nothing as broad as a hook fits in;
 * a stroke is thin where it is less than one and a half times what the film can hold.
 */
final readonly class Weeding
{
    /** Width that fingers can grip, in µm. */
    private const HOLD = 4_000;

    /** Width of the hook, in µm. */
    private const HOOK = 2_500;

    private const THIN = 1.5;

    /** Longer than any distance between pieces, in µm. */
    private const FAR = 30_000_000;

    /** Corners left by an opening are smaller than this share of its squared width. */
    private const CORNER = 0.5;

    /**
     * @param int          $holes         waste pieces inside ink
     * @param float        $narrowest     width of the narrowest waste, in a hole or between pieces, in µm; 0 if there is none
     * @param int          $smallestPiece extent of the smallest piece, in µm
     * @param float        $outline       in µm
     * @param int          $thinStrokes   that need care
     * @param list<Region> $hard          where: small holes, necks of the waste, thin strokes
     */
    private function __construct(
        public int $holes,
        public int $smallHoles,
        public float $narrowest,
        public int $smallestPiece,
        public float $outline,
        public int $necks,
        public int $thinStrokes,
        public array $hard,
    ) {
    }

    public static function of(CutSheet $sheet): self
    {
        $holes = $sheet->region->holes();
        $filled = $sheet->region->union(...$holes);
        $waste = $sheet->frame->subtract($filled);
        $limit = (int) (self::THIN * FilmLimits::of($sheet->film)->thinnestStroke);

        $small = \array_filter($holes, self::isSmall(...));
        [$necks, $strokes] = [self::narrow($waste, self::HOLD), self::narrow($sheet->region, $limit)];

        return new self(
            holes: \count($holes),
            smallHoles: \count($small),
            narrowest: self::narrowest($holes, $sheet->region->pieces()),
            smallestPiece: self::smallest($sheet->region->pieces()),
            outline: $filled->perimeter(),
            necks: \count($necks),
            thinStrokes: \count($strokes),
            hard: [...\array_values($small), ...$necks, ...$strokes],
        );
    }

    /** In seconds. */
    public function seconds(WeedingFactors $factors = new WeedingFactors()): float
    {
        return $factors->begin
            + $factors->metre * $this->outline / 1_000_000
            + $factors->neck * $this->necks
            + $factors->hole * $this->holes
            + $factors->small * $this->smallHoles
            + $factors->stroke * $this->thinStrokes;
    }

    /** Whether a hole is narrower than the hook everywhere. */
    private static function isSmall(Region $hole): bool
    {
        // The largest circle inside has a radius of at least area ÷ perimeter.
        return 2 * $hole->area() / $hole->perimeter() < self::HOOK && $hole->offset(-\intdiv(self::HOOK, 2))->isEmpty();
    }

    /**
     * Width of the narrowest waste, in a hole or between two pieces; 0 if there is none.
     *
     * @param list<Region> $holes
     * @param list<Region> $pieces
     */
    private static function narrowest(array $holes, array $pieces): float
    {
        $least = \array_map(static fn (Region $hole): float => 2 * $hole->area() / $hole->perimeter(), $holes);
        \asort($least);
        $narrowest = self::between($pieces);
        foreach ($least as $at => $breadth) {
            if ($breadth < $narrowest) {
                $narrowest = \min($narrowest, 2.0 * $holes[$at]->inscribedRadius());
            }
        }

        return \INF === $narrowest ? 0.0 : $narrowest;
    }

    /**
     * Least distance between two separate pieces.
     *
     * @param list<Region> $pieces
     */
    private static function between(array $pieces): float
    {
        $boxes = \array_map(static fn (Region $piece): Box => $piece->bounds() ?? new Box(0, 0, 0, 0), $pieces);
        $trees = [];
        $least = \INF;
        foreach ($pieces as $one => $piece) {
            foreach (\array_slice($pieces, $one + 1, null, true) as $other => $next) {
                if (!$boxes[$one]->grown((int) \min($least, self::FAR))->overlaps($boxes[$other])) {
                    continue;
                }
                $trees[$one] ??= BoxTree::of($piece->rings());
                $trees[$other] ??= BoxTree::of($next->rings());
                $apart = $trees[$one]->distanceTo($trees[$other]);
                $least = $apart > 1.0 ? \min($least, $apart) : $least;
            }
        }

        return $least;
    }

    /**
     * Diagonal of the smallest piece's box, in µm; 0 if there is none.
     *
     * @param list<Region> $pieces
     */
    private static function smallest(array $pieces): int
    {
        $lengths = \array_map(static function (Region $piece): int {
            $box = $piece->bounds();

            return null === $box ? 0 : (int) \round(\hypot($box->width(), $box->height()));
        }, $pieces);

        return [] === $lengths ? 0 : \min($lengths);
    }

    /** @return list<Region> where a region is narrower than a breadth, corners aside */
    private static function narrow(Region $region, int $breadth): array
    {
        $places = $region->subtract($region->open(\intdiv($breadth, 2)))->pieces();

        return \array_values(\array_filter($places, static fn (Region $place): bool => $place->area() > self::CORNER * $breadth * $breadth));
    }
}
