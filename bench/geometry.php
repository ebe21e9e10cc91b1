<?php

declare(strict_types=1);

// The kernel's workloads, each beside GEOS in the same run: medians, and their ratio to GEOS's.

use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Letters;
use Uvret\Type\Font;

require dirname(__DIR__).'/vendor/autoload.php';

ini_set('memory_limit', '4G');

const TOLERANCE = 10.0;

/**
 * The letters of a line, each as its rings, for a scale that makes the letter height what is asked for.
 *
 * @return list<array{int, float, list<list<int>>}> glyph, place and rings
 */
function letters(string $name, string $text, float $height, ?float $unitsHigh = null, float $left = 0, float $base = 0): array
{
    $font = Font::fromFile(dirname(__DIR__)."/fonts/$name.ttf");
    $scale = $height / ($unitsHigh ?? $font->letterHeight());
    $letters = [];
    foreach (Letters::plain($name, $text) as [$glyph, $x]) {
        $place = round($left + $x * $scale);
        $letters[] = [$glyph, $place, Flattening::rings($font->outline($glyph), Affine::scale($scale)->then(Affine::move($place, $base)), TOLERANCE)];
    }

    return $letters;
}

/** @param list<array{int, float, list<list<int>>}> $letters */
function rings(array $letters): array
{
    return array_merge(...array_column($letters, 2));
}

function wkt(Region $region): string
{
    $ring = static function (array $points): string {
        $pairs = array_map(static fn (array $p): string => $p[0].' '.$p[1], array_chunk($points, 2));

        return '('.implode(',', [...$pairs, $pairs[0]]).')';
    };

    return implode(',', array_map(static fn (Region $piece): string => '('.implode(',', array_map($ring, $piece->rings())).')', $region->pieces()));
}

/** @param list<array{int, float, list<list<int>>}> $letters */
function lettersWkt(array $letters): string
{
    $polygons = array_filter(array_map(static fn (array $letter): string => wkt(Region::fromRings($letter[2])), $letters));

    return 'MULTIPOLYGON('.implode(',', $polygons).')';
}

/** GEOS's time for an operation, in ms. */
function geos(int $repeats, string $operation, string $a, ?string $b = null): float
{
    $files = [];
    foreach (array_filter([$a, $b]) as $wkt) {
        $files[] = $file = (string) tempnam(sys_get_temp_dir(), 'uvret');
        file_put_contents($file, $wkt."\n");
    }
    $command = sprintf('geosop -t -r %d -f txt -a %s %s %s 2>&1', $repeats, $files[0], isset($files[1]) ? '-b '.$files[1] : '', $operation);
    exec($command, $output);
    array_map(unlink(...), $files);
    if (1 !== preg_match('/Ran (\d+) .*-- ([\d,]+) usec/', implode("\n", $output), $m)) {
        throw new RuntimeException("geosop does not run: $command");
    }

    return (int) str_replace(',', '', $m[2]) / (int) $m[1] / 1000;
}

/** @return array{float, float} median and 95th percentile, in ms */
function measure(int $repeats, callable $work): array
{
    $work();
    $times = [];
    for ($k = 0; $k < $repeats; ++$k) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return [$times[intdiv($repeats, 2)], $times[(int) floor(0.95 * ($repeats - 1))]];
}

$results = [];
$report = static function (string $name, int $repeats, callable $work, string $operation, string $a, ?string $b, float $goal) use (&$results): void {
    // In turn, so that whatever else the machine does falls on both.
    $ours = $theirs = [];
    for ($round = 0; $round < 5; ++$round) {
        $ours[] = measure($repeats, $work);
        $theirs[] = geos($repeats, $operation, $a, $b);
    }
    sort($ours);
    sort($theirs);
    [$median, $p95] = $ours[2];
    $results["geometry $name"] = [
        'median' => round($median, 2),
        'p95' => round($p95, 2),
        'unit' => 'ms',
        'GEOS' => round($theirs[2], 2),
        'ratio' => round($median / $theirs[2], 2),
        'goal' => $goal,
    ];
};

$text = str_repeat('TernPointRowingRegattacrewsandfriendspullhardpasttheoldlighthouseatnoon', 4);
$w1 = letters('lobster', 'Regatta', 60000, 748);
$lines = [...letters('anton', 'Tern Point', 50000, null, 0, 60000), ...letters('anton', 'Rowing Club', 50000)];
$script = letters('great-vibes', 'Saltmarsh', 60000, 750, 0, 30000);
$w2 = [...$lines, ...$script];
$w3 = letters('yellowtail', substr($text, 0, 220), 12000);

foreach (['W1' => [$w1, 20, [0.6, 1.5, 1.5]], 'W2' => [$w2, 8, [0.4, 1.5, 1.2]], 'W3' => [$w3, 1, [0.3, 1.0, 2.0]]] as $name => [$letters, $repeats, $goals]) {
    $rings = rings($letters);
    $union = Region::fromRings($rings);
    $welded = 'MULTIPOLYGON('.wkt($union).')';
    $report("$name union", $repeats, static fn () => Region::fromRings($rings), 'unaryUnion', lettersWkt($letters), null, $goals[0]);
    $report("$name offset +1.5 mm", $repeats, static fn () => $union->offset(1500), 'buffer 1500', $welded, null, $goals[1]);
    $report("$name offset -0.5 mm", $repeats, static fn () => $union->offset(-500), 'buffer N-500', $welded, null, $goals[2]);
}
$big = Region::fromRings(rings($lines));
$clear = Region::fromRings(rings($script))->offset(1200);
$report('W2 lines minus script', 8, static fn () => $big->subtract($clear), 'difference', 'MULTIPOLYGON('.wkt($big).')', 'MULTIPOLYGON('.wkt($clear).')', 1.5);

// Every different letter is offset once; its copies are moved and joined.
$glyphs = $places = [];
foreach ($w3 as [$glyph, $place, $rings]) {
    $glyphs[$glyph] ??= Region::fromRings($rings)->transform(Affine::move(-$place, 0));
    $places[] = [$glyph, $place];
}
$cached = static function () use ($glyphs, $places): Region {
    $offsets = array_map(static fn (Region $letter): Region => $letter->offset(1500), $glyphs);

    return Region::empty()->union(...array_map(static fn (array $copy): Region => $offsets[$copy[0]]->transform(Affine::move($copy[1], 0)), $places));
};
$report('W3 offset +1.5 mm by letters', 1, $cached, 'buffer 1500', 'MULTIPOLYGON('.wkt(Region::fromRings(rings($w3))).')', null, 0.5);

$rows = [];
for ($row = 0; $row < 10; ++$row) {
    foreach (letters('yellowtail', substr($text, 0, 220), 12000, null, 0, -20000 * $row) as $letter) {
        $rows[] = $letter;
    }
}
$rings = rings($rows);
unset($letters, $union, $cached, $glyphs);
$before = memory_get_usage();
memory_reset_peak_usage();
$vertices = Region::fromRings($rings)->vertexCount();
$memory = (memory_get_peak_usage() - $before) / 1e6;
$report('W4 union', 1, static fn () => Region::fromRings($rings), 'unaryUnion', lettersWkt($rows), null, 0.3);
$results['geometry W4 union'] += ['points' => array_sum(array_map(count(...), $rings)) / 2, 'memory' => round($memory).' MB'];

// Ten times the largest workload, copies side by side: n log n makes it 11.8 times as long.
$many = [];
for ($row = 0; $row < 10; ++$row) {
    foreach ($rings as $ring) {
        foreach ($ring as $i => $value) {
            $ring[$i] = 0 === $i % 2 ? $value + 2500000 * $row : $value;
        }
        $many[] = $ring;
    }
}
[$median, $p95] = measure(1, static fn () => Region::fromRings($many));
$results['geometry W4 ten times'] = [
    'median' => round($median, 2),
    'p95' => round($p95, 2),
    'unit' => 'ms',
    'times' => round($median / $results['geometry W4 union']['median'], 1),
    'goal' => 11.8,
];

echo json_encode($results, \JSON_THROW_ON_ERROR), "\n";
