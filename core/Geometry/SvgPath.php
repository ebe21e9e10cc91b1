<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** Regions as SVG path data. SVG's y points down, so each method takes the height to count from. */
final class SvgPath
{
    /** In millimetres with three decimals: exact on the grid. */
    public static function inMillimetres(Region $region, int $left, int $top): string
    {
        $data = '';
        foreach ($region->rings() as $ring) {
            $command = 'M';
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                $data .= $command.self::decimal($ring[$i] - $left).' '.self::decimal($top - $ring[$i + 1]);
                $command = 'L';
            }
            $data .= 'Z';
        }

        return $data;
    }

    /** In whole µm with relative steps: short, for drawing on a screen. */
    public static function inMicrometres(Region $region, int $left, int $top): string
    {
        $data = '';
        foreach ($region->rings() as $ring) {
            $px = $ring[0];
            $py = $ring[1];
            $data .= 'M'.($px - $left).' '.($top - $py).'l';
            $count = \count($ring);
            for ($i = 2; $i < $count; $i += 2) {
                $x = $ring[$i];
                $y = $ring[$i + 1];
                $data .= ($x - $px).' '.($py - $y).' ';
                $px = $x;
                $py = $y;
            }
            $data .= 'z';
        }

        return $data;
    }

    /**
     * Open lines in whole µm.
     *
     * @param list<list<int>> $lines flat lists x0, y0, x1, y1, …
     */
    public static function lines(array $lines, int $left, int $top): string
    {
        $data = '';
        foreach ($lines as $line) {
            foreach (\array_chunk($line, 2) as $at => [$x, $y]) {
                $data .= (0 === $at ? 'M' : 'L').($x - $left).' '.($top - $y);
            }
        }

        return $data;
    }

    /**
     * Coarse, for thumbnails: in steps of a given number of µm, y down, without repeated points.
     */
    public static function coarse(Region $region, int $step): string
    {
        $data = '';
        foreach ($region->rings() as $ring) {
            [$x, $y] = [\intdiv($ring[0], $step), \intdiv($ring[1], $step)];
            $data .= 'M'.$x.' '.-$y.'l';
            $count = \count($ring);
            for ($i = 2; $i < $count; $i += 2) {
                [$nextX, $nextY] = [\intdiv($ring[$i], $step), \intdiv($ring[$i + 1], $step)];
                if ($nextX !== $x || $nextY !== $y) {
                    $data .= ($nextX - $x).' '.($y - $nextY).' ';
                    [$x, $y] = [$nextX, $nextY];
                }
            }
            $data .= 'z';
        }

        return $data;
    }

    public static function decimal(int $micrometres): string
    {
        $text = \sprintf('%s%d.%03d', $micrometres < 0 ? '-' : '', \intdiv(\abs($micrometres), 1000), \abs($micrometres) % 1000);

        return \rtrim(\rtrim($text, '0'), '.');
    }
}
