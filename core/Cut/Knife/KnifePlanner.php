<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

use Uvret\Cut\CutSheet;
use Uvret\Geometry\Region;

/**
 * Sheet → knife plan: inside before outside, piece by piece, then relief cuts, frames last; ordered and started so that the raised knife
 * travels least; each ring closed by an overcut, with few points, compensated for the blade's offset.
 */
final readonly class KnifePlanner
{
    /** Rounds of improving order and starts alternately. */
    private const ROUNDS = 4;

    /** Length of the blade-turning cut in the waste, in µm. */
    private const TURNING = 3_000;

    public function __construct(private Cutter $cutter = new Cutter())
    {
    }

    public function plan(CutSheet $sheet, KnifeSettings $settings): KnifePlan
    {
        $groups = Nest::of($sheet->region);
        foreach ($sheet->marks->pieces() as $mark) {
            $groups[] = self::rings($mark, KnifeWork::Mark);
        }
        $frame = self::rings($sheet->frame, KnifeWork::Frame);
        $starts = new Starts([...$sheet->region->rings(), ...$sheet->marks->rings(), ...$sheet->frame->rings()]);
        $groups[] = $frame;
        $places = \array_map(
            static fn (array $group): array => \array_map(static fn (KnifeRing $ring): array => $starts->of($ring->points), $group),
            $groups,
        );
        $ordered = Parting::before($sheet->parting, self::ordered($groups, $places));
        $ordered = \array_map(static fn (KnifeRing $ring): KnifeRing => $ring->simplified($settings->within), $ordered);

        $moves = $settings->compensate && $settings->offset > 0 && !$this->cutter->compensates;
        $knife = new DragKnife($settings->offset, \deg2rad($settings->corner));
        $turning = $moves ? [0.0, 0.0, (float) self::TURNING, 0.0] : [];
        $lines = \array_map(static function (KnifeRing $ring) use ($moves, $knife, $settings): array {
            $line = $ring->cut($settings->overcut);

            return $moves ? $knife->holder($line) : $line;
        }, $ordered);

        return $this->measured($sheet, $settings, $ordered, $lines, $turning, self::unordered($places));
    }

    /**
     * @param list<KnifeRing>   $rings
     * @param list<list<float>> $lines
     * @param list<float>       $turning
     */
    private function measured(CutSheet $sheet, KnifeSettings $settings, array $rings, array $lines, array $turning, float $unordered): KnifePlan
    {
        $motion = new Motion($this->cutter);
        $travel = $cutting = $seconds = 0.0;
        [$x, $y] = [0.0, 0.0];
        foreach ([...([] === $turning ? [] : [$turning]), ...$lines] as $line) {
            $way = [$x, $y, $line[0], $line[1]];
            $travel += \hypot($line[0] - $x, $line[1] - $y);
            $seconds += $motion->seconds($way, $this->cutter->travelSpeed) + $motion->seconds($line, $settings->speed) + 2 * $this->cutter->lift;
            for ($i = 2, $count = \count($line); $i < $count; $i += 2) {
                $cutting += \hypot($line[$i] - $line[$i - 2], $line[$i + 1] - $line[$i - 1]);
            }
            [$x, $y] = \array_slice($line, -2);
        }
        // Back to the origin.
        $travel += \hypot($x, $y);
        $seconds += $motion->seconds([$x, $y, 0.0, 0.0], $this->cutter->travelSpeed);

        return new KnifePlan(
            sheet: $sheet,
            settings: $settings,
            rings: $rings,
            lines: $lines,
            turning: $turning,
            travel: $travel,
            unorderedTravel: $unordered,
            cutting: $cutting,
            seconds: $seconds,
        );
    }

    /** @return non-empty-list<KnifeRing> holes first */
    private static function rings(Region $region, KnifeWork $work): array
    {
        $rings = \array_map(static fn (array $ring): KnifeRing => new KnifeRing($work, $ring, -1), $region->rings());

        return \array_reverse($rings) ?: throw new \LogicException('A frame has a line.');
    }

    /**
     * @param list<non-empty-list<KnifeRing>>                            $groups frame last
     * @param list<non-empty-list<non-empty-list<array{int, int, int}>>> $places start points of their rings
     *
     * @return list<KnifeRing>
     */
    private static function ordered(array $groups, array $places): array
    {
        $frame = \count($groups) - 1;
        // Each ring starts at its first place for now.
        $in = \array_map(static fn (array $own): array => \array_slice($own[0][0], 1), \array_slice($places, 0, $frame));
        $out = \array_map(static fn (array $own): array => \array_slice($own[\count($own) - 1][0], 1), \array_slice($places, 0, $frame));
        $best = [];
        $least = \INF;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $order = Tour::of($in, $out);
            $sequence = [];
            foreach ([...$order, $frame] as $group) {
                foreach ($places[$group] as $number => $own) {
                    $sequence[] = [$groups[$group][$number], $own, $group];
                }
            }
            [$chosen, $length] = ShortestWay::through(\array_column($sequence, 1));
            if ($length >= $least - 1.0) {
                break;
            }
            [$best, $least] = [\array_map(
                static fn (array $one, array $start): KnifeRing => new KnifeRing($one[0]->work, Starts::turned($one[0]->points, $start), $one[0]->piece),
                $sequence,
                $chosen,
            ), $length];
            foreach ($sequence as $at => [, , $group]) {
                if ($group !== $frame) {
                    $out[$group] = \array_slice($chosen[$at], 1);
                    if (0 === $at || $sequence[$at - 1][2] !== $group) {
                        $in[$group] = \array_slice($chosen[$at], 1);
                    }
                }
            }
        }

        return $best;
    }

    /**
     * Travel of the raised knife in document order, each ring from its first start point.
     *
     * @param list<non-empty-list<non-empty-list<array{int, int, int}>>> $places
     */
    private static function unordered(array $places): float
    {
        $travel = 0.0;
        [$x, $y] = [0, 0];
        foreach (\array_merge(...$places) as [[, $toX, $toY]]) {
            $travel += \hypot($toX - $x, $toY - $y);
            [$x, $y] = [$toX, $toY];
        }

        return $travel + \hypot($x, $y);
    }
}
