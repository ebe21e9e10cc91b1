<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Uvret\Geometry\Region;

/** GEOS, asked through its command-line program geosop: an independent opinion on regions. */
final class Geos
{
    /** The area of a region or of an operation's result, in µm². */
    public static function area(string $wkt): float
    {
        return self::isEmpty($wkt) ? 0.0 : (float) self::run('area', $wkt, null, 'txt');
    }

    /** The result of an operation, as WKT if nothing else is asked for; one line for each geometry. */
    public static function result(string $operation, string $a, ?string $b = null, string $format = 'wkt'): string
    {
        // The program cannot read empty geometries.
        if (self::isEmpty($a) || (null !== $b && self::isEmpty($b))) {
            $whole = self::isEmpty($a) ? $b ?? $a : $a;

            return match ($operation) {
                'union', 'symDifference' => $whole,
                'difference' => $a,
                default => 'POLYGON EMPTY',
            };
        }

        return self::run($operation, $a, $b, $format);
    }

    /** The area in which two geometries differ. */
    public static function difference(string $a, string $b): float
    {
        return self::area(self::result('symDifference', $a, $b));
    }

    public static function isValid(string $wkt): bool
    {
        return self::isEmpty($wkt) || 'true' === self::run('isValid', $wkt, null, 'txt');
    }

    public static function isEmpty(string $wkt): bool
    {
        return '' === \trim($wkt) || \str_ends_with(\trim($wkt), 'EMPTY');
    }

    public static function wkt(Region $region): string
    {
        if ($region->isEmpty()) {
            return 'POLYGON EMPTY';
        }
        $polygons = \array_map(static fn (Region $piece): string => '('.\implode(',', \array_map(self::ring(...), $piece->rings())).')', $region->pieces());

        return 'MULTIPOLYGON('.\implode(',', $polygons).')';
    }

    /**
     * Loose rings as polygons that may overlap: their union is the non-zero fill of rings that all turn one way.
     *
     * @param list<list<int>> $rings
     */
    public static function collection(array $rings): string
    {
        return 'GEOMETRYCOLLECTION('.\implode(',', \array_map(static fn (array $ring): string => 'POLYGON('.self::ring($ring).')', $rings)).')';
    }

    /** @param list<int> $ring */
    public static function ring(array $ring): string
    {
        $points = [];
        $count = \count($ring);
        for ($i = 0; $i < $count; $i += 2) {
            $points[] = $ring[$i].' '.$ring[$i + 1];
        }
        $points[] = $points[0] ?? '0 0';

        return '('.\implode(',', $points).')';
    }

    private static function run(string $operation, string $a, ?string $b, string $format): string
    {
        $files = [];
        $command = ['geosop', '-p', '15', '-f', $format];
        foreach (['-a' => $a, '-b' => $b] as $flag => $wkt) {
            if (null !== $wkt) {
                $files[] = $file = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
                \file_put_contents($file, $wkt."\n");
                \array_push($command, $flag, $file);
            }
        }
        $process = \proc_open([...$command, '--', ...\explode(' ', $operation)], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
        \assert(\is_resource($process));
        $output = (string) \stream_get_contents($pipes[1]);
        $error = (string) \stream_get_contents($pipes[2]);
        $status = \proc_close($process);
        \array_map(unlink(...), $files);
        if (0 !== $status || '' === \trim($output)) {
            throw new \RuntimeException("geosop failed: $error");
        }

        return \trim($output);
    }
}
