<?php

declare(strict_types=1);

// What is too thin or too small to cut, found with nothing remembered: a spiral, a knock-out, ten plain lines. Composing is not counted.

use Uvret\Compose\Memory;
use Uvret\Design\DesignReader;
use Uvret\Plan\Planner;
use Uvret\Snags\LossFinder;
use Uvret\Type\FolderTypeCase;

require __DIR__.'/../vendor/autoload.php';

$documents = [];
foreach (['spiral' => 'song-tote', 'knock-out' => 'stall-crew-word', 'left chest' => 'crew-shirt-chest'] as $name => $design) {
    $documents[$name] = json_decode((string) file_get_contents(__DIR__."/../demo/designs/$design.json"));
}
$words = [
    'Tern Point rowing regatta', 'Harbour juniors and friends', 'Eight oars, one boat', 'Summer race day', 'Saturday at half past nine',
    'Bring your own sandwiches', 'Launch from the old slipway', 'Finish at the lighthouse', 'Prizes for every crew', 'See you on the water',
];
foreach (['anton', 'archivo-black', 'lobster'] as $font) {
    $ten = json_decode((string) file_get_contents(__DIR__.'/../demo/designs/kit-bag-ottilie.json'));
    assert($ten instanceof stdClass);
    $ten->lines = array_map(static fn (int $at): object => (object) [
        'id' => "line-$at",
        'film' => $ten->films[0]->id,
        'lettering' => (object) ['words' => $words[$at], 'font' => $font],
        'size' => (object) ['by' => 'letter', 'length' => 22_000],
    ], array_keys($words));
    $documents["ten lines, $font"] = $ten;
}
/** What is found is remembered by letter and piece, from one round to the next not at all. */
final class Remembered implements Memory
{
    /** @var array<string, mixed> */
    private array $known = [];

    public function recall(string $key, callable $make): mixed
    {
        return $this->known[$key] ??= $make();
    }
}

$planner = new Planner(new FolderTypeCase(__DIR__.'/../fonts'));
$results = [];
foreach ($documents as $name => $document) {
    assert($document instanceof stdClass);
    $plan = $planner->plan((new DesignReader())->fromDocument($document));
    $times = [];
    for ($round = 0; $round < 9; ++$round) {
        $start = hrtime(true);
        $found = (new LossFinder(new Remembered()))->all($plan->design, $plan->composition, $plan->separation);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    $results["too thin, $name"] = ['median' => round($times[4], 1), 'p95' => round($times[8], 1), 'unit' => 'ms', 'note' => count($found).' parts'];
}
echo json_encode($results, \JSON_THROW_ON_ERROR), "\n";
