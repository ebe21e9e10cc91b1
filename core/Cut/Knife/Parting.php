<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/** Orders relief cuts and shared edges: after the ink, before the frames, nearest end first. */
final class Parting
{
    /**
     * @param list<list<int>> $lines flat lists of points
     * @param list<KnifeRing> $rings in their order, frames last
     *
     * @return list<KnifeRing>
     */
    public static function before(array $lines, array $rings): array
    {
        $inks = \array_values(\array_filter($rings, static fn (KnifeRing $ring): bool => KnifeWork::Frame !== $ring->work));
        $frames = \array_slice($rings, \count($inks));
        [$x, $y] = \array_slice($inks[\count($inks) - 1]->points ?? [0, 0], 0, 2);
        $parting = [];
        while ([] !== $lines) {
            [$nearest, $back, $least] = [0, false, \INF];
            foreach ($lines as $number => $line) {
                [$toX, $toY] = \array_slice($line, -2);
                foreach ([[\hypot($line[0] - $x, $line[1] - $y), false], [\hypot($toX - $x, $toY - $y), true]] as [$far, $turn]) {
                    if ($far < $least) {
                        [$nearest, $back, $least] = [$number, $turn, $far];
                    }
                }
            }
            $line = $back ? \array_merge(...\array_reverse(\array_chunk($lines[$nearest], 2))) : $lines[$nearest];
            $parting[] = new KnifeRing(KnifeWork::Parting, $line, -1);
            [$x, $y] = \array_slice($line, -2);
            unset($lines[$nearest]);
        }

        return [...$inks, ...$parting, ...$frames];
    }
}
