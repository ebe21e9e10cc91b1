<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** Regions as SVG path data. SVG's y points down, so a height is given that y is counted from. */
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

    public static function decimal(int $micrometres): string
    {
        $text = \sprintf('%s%d.%03d', $micrometres < 0 ? '-' : '', \intdiv(\abs($micrometres), 1000), \abs($micrometres) % 1000);

        return \rtrim(\rtrim($text, '0'), '.');
    }
}
