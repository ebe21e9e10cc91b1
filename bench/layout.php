<?php

declare(strict_types=1);

// Frames on a film of 500 mm: names in a joining script, a mixed set of lettering and forms, rectangles cut from a known rectangle, polygons
// of a cut-up rectangle, and a thousand names; against boxes with the same margins, and against what was cut up. Each for so many seconds:
// UVRET_SECONDS, 20 where nothing is said; polygons twice as long.

use Uvret\Design\DesignReader;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Layout\Boxes;
use Uvret\Layout\Nest\Nesting;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Stock;
use Uvret\Plan\Planner;
use Uvret\Type\FolderTypeCase;

require __DIR__.'/../vendor/autoload.php';

const WIDTH = 500_000;
const MARGIN = 4_000;

$seconds = (float) (getenv('UVRET_SECONDS') ?: 20);
$planner = new Planner(new FolderTypeCase(__DIR__.'/../fonts'));
$reader = new DesignReader();
$base = json_decode((string) file_get_contents(__DIR__.'/../demo/designs/kit-bag-ottilie.json'), true);
$random = static fn (int $seed): Random\Randomizer => new Random\Randomizer(new Random\Engine\Mt19937($seed));

/** The frame that hugs a design's only layer. */
$frame = static function (array $changes) use ($planner, $reader, $base): Region {
    $weeding = ['frame' => 'hugging', 'around' => 'layer', 'distance' => MARGIN];
    $design = $reader->fromJson(json_encode([...$base, ...$changes, 'weeding' => $weeding], \JSON_THROW_ON_ERROR));

    return $planner->plan($design)->cutPlan->sheets[0]->frame;
};
$line = static function (string $words, string $font, int $height, array $more = []) use ($frame, $base): Region {
    $own = $base['lines'][0];
    $own['lettering'] = [...$own['lettering'], 'words' => $words, 'font' => $font];
    $own['size'] = ['by' => 'letter', 'length' => $height];

    return $frame(['lines' => [[...$own, ...$more]]]);
};
$form = static fn (string $kind, int $width, int $height): Region => $frame(['lines' => [], 'forms' => [[
    'id' => 'form',
    'film' => $base['films'][0]['id'],
    'shape' => ['kind' => $kind],
    'size' => ['width' => $width, 'height' => $height, 'proportional' => false],
    'place' => ['across' => 0, 'down' => 100_000],
]]]);
$names = static function (int $count, int $seed) use ($line, $random): array {
    $dice = $random($seed);
    $first = ['Ma', 'Lo', 'Ri', 'Te', 'An', 'Jo', 'Ka', 'El', 'Fin', 'Bru', 'Si', 'Ha', 'Wil', 'Os', 'Gre'];
    $then = ['ra', 'na', 'li', 'to', 'ma', 'ne', 'du', 'so', 'vi', 'ka', '', 'rick', 'lotte', 'bert', 'na'];
    $frames = [];
    for ($i = 0; $i < $count; ++$i) {
        $name = $first[$dice->getInt(0, 14)].$then[$dice->getInt(0, 14)].(0 === $dice->getInt(0, 2) ? $then[$dice->getInt(0, 9)] : '');
        $frames[$name] ??= $line($name, 'lobster', 35_000);
        $all[] = $frames[$name];
    }

    return $all ?? [];
};
$mixed = static function () use ($names, $form, $line, $random): array {
    $dice = $random(2);
    $frames = $names(100, 1);
    for ($i = 0; $i < 8; ++$i) {
        $frames[] = $form('ring', $size = $dice->getInt(90_000, 190_000), $size);
        $frames[] = $form('shield', $dice->getInt(50_000, 90_000), $dice->getInt(60_000, 100_000));
        $arc = ['path' => 'arc', 'arc' => ['by' => 'radius', 'radius' => $dice->getInt(60_000, 140_000)]];
        $frames[] = $line(['Rowing', 'Harbour', 'Tern Point', 'Regatta'][$i % 4], 'anton', $dice->getInt(14_000, 26_000), ['follows' => $arc]);
    }
    for ($i = 0; $i < 14; ++$i) {
        $frames[] = $line(['CREW', 'COX', 'STROKE', 'BOW', 'TERN POINT', 'SUMMER', 'OARS'][$i % 7], 'anton', $dice->getInt(18_000, 45_000));
    }

    return $frames;
};
/** Rectangles by cuts from edge to edge. */
$rectangles = static function (int $seed) use ($random): array {
    $dice = $random($seed);
    $boxes = [new Box(0, 0, WIDTH, 600_000)];
    while (count($boxes) < 28) {
        usort($boxes, static fn (Box $a, Box $b): int => $b->width() * $b->height() <=> $a->width() * $a->height());
        $box = array_splice($boxes, $dice->getInt(0, min(3, count($boxes) - 1)), 1)[0];
        $share = $dice->getInt(30, 70) / 100;
        if ($box->width() > $box->height()) {
            $at = $box->left + 1_000 * (int) round($box->width() * $share / 1_000);
            array_push($boxes, new Box($box->left, $box->bottom, $at, $box->top), new Box($at, $box->bottom, $box->right, $box->top));
        } else {
            $at = $box->bottom + 1_000 * (int) round($box->height() * $share / 1_000);
            array_push($boxes, new Box($box->left, $box->bottom, $box->right, $at), new Box($box->left, $at, $box->right, $box->top));
        }
    }

    return array_map(static fn (Box $box): Region => $box->toRegion(), $boxes);
};
/** Polygons by straight cuts at random. */
$polygons = static function (int $seed) use ($random): array {
    $dice = $random($seed);
    $pieces = [(new Box(0, 0, WIDTH, 600_000))->toRegion()];
    while (count($pieces) < 30) {
        usort($pieces, static fn (Region $a, Region $b): int => $b->area() <=> $a->area());
        $piece = array_shift($pieces);
        $box = $piece->bounds();
        assert(null !== $box);
        $angle = deg2rad($dice->getInt(0, 359));
        [$x, $y] = [($box->left + $box->right) / 2, ($box->bottom + $box->top) / 2];
        [$ux, $uy] = [2_000_000 * cos($angle), 2_000_000 * sin($angle)];
        $corners = [$x - $ux, $y - $uy, $x + $ux, $y + $uy, $x + $ux - $uy, $y + $uy + $ux, $x - $ux - $uy, $y - $uy + $ux];
        $half = Region::fromRings([array_map(intval(...), $corners)]);
        array_push($pieces, ...$piece->intersect($half)->pieces(), ...$piece->subtract($half)->pieces());
    }

    return array_values(array_filter($pieces, static fn (Region $piece): bool => $piece->area() > 1e8));
};

$laid = static function (array $frames, float $seconds): array {
    $pieces = [];
    foreach ($frames as $frame) {
        // Frames that are equal are one object, and so are their pieces.
        $all[] = $pieces[spl_object_id($frame)] ??= Piece::of($frame);
    }
    $start = hrtime(true);
    $first = $full = $best = null;
    foreach (Nesting::steps($all ?? [], [Stock::roll('roll', WIDTH)]) as $step => $best) {
        $now = (hrtime(true) - $start) / 1e9;
        $first ??= $now;
        $full ??= $step > 0 ? $now : null;
        if ($now >= $seconds) {
            break;
        }
    }
    assert(null !== $best);
    if ([] !== $best->faults(0)) {
        throw new RuntimeException(implode(', ', $best->faults(0)));
    }

    return [$best, $first, $full ?? $seconds, $step ?? 0];
};
$results = [];
$against = static function (string $name, array $frames, float $seconds) use ($laid, &$results): void {
    [$best, $first, $full, $steps] = $laid($frames, $seconds);
    $boxes = Boxes::length(array_map(static fn (Region $frame): Box => $frame->bounds() ?? new Box(0, 0, 0, 0), $frames), WIDTH, 0);
    $results["layout, $name"] = [
        'film' => round($best->length / 1_000).' mm',
        'boxes' => round($boxes / 1_000).' mm',
        'less' => round(100 - 100 * $best->length / $boxes, 1).' %',
        'covered' => round(100 * $best->covered(), 1).' %',
        'first answer' => round($first, 2).' s',
        'first full pass' => round($full, 2).' s',
        'steps' => $steps + 1,
        'memory' => round(memory_get_peak_usage() / 2 ** 20).' MB',
    ];
};
$optimum = static function (string $name, array $sets, float $seconds) use ($laid, &$results): void {
    $shares = array_map(static fn (array $frames): float => 100 * $laid($frames, $seconds)[0]->covered(), $sets);
    $results["layout, $name"] = ['of the optimum' => implode(', ', array_map(static fn (float $share): string => round($share, 1).' %', $shares))];
};

$against('100 names', $names(100, 1), $seconds);
$against('mixed, 138 pieces', $mixed(), $seconds);
$optimum('rectangles of a cut-up rectangle', array_map($rectangles, [1, 2, 3, 4, 5]), $seconds);
$optimum('polygons of a cut-up rectangle', array_map($polygons, [1, 2, 3]), 2 * $seconds);
$against('1,000 names', $names(1_000, 3), 0.0);
echo json_encode($results, \JSON_THROW_ON_ERROR), "\n";
