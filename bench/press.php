<?php

declare(strict_types=1);

// The press plan of a brim and of a back 560 mm wide, with their sections; composing and separating are not counted.

use Uvret\Design\DesignReader;
use Uvret\Plan\Planner;
use Uvret\Press\Platen;
use Uvret\Press\Presses;
use Uvret\Press\PressPlanner;
use Uvret\Type\FolderTypeCase;

require __DIR__.'/../vendor/autoload.php';

$planner = new Planner(new FolderTypeCase(__DIR__.'/../fonts'));
$results = [];
foreach (['brim' => ['committee-brim', 0, 120_000], 'back, 560 mm' => ['regatta-shirt', 560_000, 380_000]] as $name => [$design, $width, $platen]) {
    $document = json_decode((string) file_get_contents(__DIR__."/../demo/designs/$design.json"));
    assert($document instanceof stdClass);
    if ($width > 0) {
        $document->lines[0]->size = (object) ['by' => 'width', 'length' => $width];
    }
    $plan = $planner->plan((new DesignReader())->fromDocument($document));
    $times = [];
    for ($round = 0; $round < 15; ++$round) {
        $start = hrtime(true);
        $press = (new PressPlanner(presses: Presses::of(20_000, new Platen('press', $platen, $platen))))->plan($plan);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    $results["press plan, $name"] = [
        'median' => round($times[7], 1),
        'p95' => round($times[14], 1),
        'unit' => 'ms',
        'note' => count($press->sections).' sections',
    ];
}
echo json_encode($results, \JSON_THROW_ON_ERROR), "\n";
