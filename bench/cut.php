<?php

declare(strict_types=1);

// The knife plan and the HP-GL of a layer of a hundred names in a joining script.

use Uvret\Cut\CutSheet;
use Uvret\Cut\File\HpglFile;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Design\DesignReader;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Plan\Planner;
use Uvret\Type\FolderTypeCase;

require __DIR__.'/../vendor/autoload.php';

const NAMES = ['Ottilie', 'Percival', 'Magnus', 'Wilhelmina', 'Fable', 'Fenwick', 'Kaspar', 'Sunniva', 'Marisol', 'Verity'];
const ROUNDS = 7;

$planner = new Planner(new FolderTypeCase(__DIR__.'/../fonts'));
$document = json_decode((string) file_get_contents(__DIR__.'/../demo/designs/kit-bag-ottilie.json'));
$pieces = [];
foreach (NAMES as $column => $name) {
    $document->lines[0]->lettering->words = $name;
    $document->lines[0]->lettering->letters = [];
    $document->lines[0]->size = (object) ['by' => 'letter', 'length' => 20_000];
    $sheet = $planner->plan((new DesignReader())->fromDocument(json_decode((string) json_encode($document))))->cutPlan->sheets[0];
    for ($row = 0; $row < 10; ++$row) {
        $pieces[] = $sheet->region->transform(Affine::move(160_000 * $column, 45_000 * $row));
    }
}
$region = Region::empty()->union(...$pieces);
$box = $region->bounds()?->grown(6_000) ?? throw new LogicException('Names have ink.');
$move = Affine::move(-$box->left, -$box->bottom);
$whole = new CutSheet(
    film: $sheet->film,
    region: $region->transform($move),
    marks: Region::empty(),
    frame: $box->toRegion()->transform($move),
    box: $box->moved(-$box->left, -$box->bottom),
    turned: true,
);
$times = [];
for ($round = 0; $round < ROUNDS; ++$round) {
    $start = hrtime(true);
    $plan = (new KnifePlanner())->plan($whole, new KnifeSettings());
    $bytes = strlen((new HpglFile())->write($plan));
    $times[] = (hrtime(true) - $start) / 1e6;
}
sort($times);
echo json_encode(['cut, a hundred names in script' => [
    'median' => round($times[intdiv(ROUNDS, 2)], 1),
    'p95' => round($times[ROUNDS - 1], 1),
    'unit' => 'ms',
    'rings' => count($plan->rings),
    'nodes' => $plan->nodes(),
    'vertices' => $whole->region->vertexCount(),
    'HP-GL' => round($bytes / 1000).' kB',
    'travel' => round($plan->travel / 1e6, 2).' m of '.round($plan->unorderedTravel / 1e6, 2).' m unordered',
]]);
