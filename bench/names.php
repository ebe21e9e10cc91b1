<?php

declare(strict_types=1);

// A hundred names in a joining script with an outline in another film, trapped: all layers from nothing, and again after one name was
// changed; the shapes of lettering are remembered, as the server does it.

use Uvret\Compose\Composer;
use Uvret\Compose\Memory;
use Uvret\Design\DesignReader;
use Uvret\Plan\Planner;
use Uvret\Roster\Person;
use Uvret\Roster\Team;
use Uvret\Type\FolderTypeCase;

require __DIR__.'/../vendor/autoload.php';

$document = json_decode((string) file_get_contents(__DIR__.'/../demo/designs/crew-shirt-names.json'));
assert($document instanceof stdClass);
$document->lines = [$document->lines[0]];
$document->lines[0]->treatments = ['outlines' => [['film' => 'buoy', 'width' => 3000]]];
$document = json_decode(json_encode($document, \JSON_THROW_ON_ERROR));
$people = [];
$dice = new Random\Randomizer(new Random\Engine\Mt19937(1));
$first = ['Ma', 'Lo', 'Ri', 'Te', 'An', 'Jo', 'Ka', 'El', 'Fin', 'Bru', 'Si', 'Ha', 'Wil', 'Os', 'Gre'];
$then = ['ra', 'na', 'li', 'to', 'ma', 'ne', 'du', 'so', 'vi', 'ka', 'rick', 'lotte', 'bert'];
for ($i = 0; $i < 100; ++$i) {
    $people[] = new Person("p$i", ['name' => $first[$dice->getInt(0, 14)].$then[$dice->getInt(0, 12)].$then[$dice->getInt(0, 12)]]);
}
$times = ['names, a hundred from nothing' => [], 'names, one changed' => [], 'names, contact sheet of a hundred' => []];
$typeCase = new FolderTypeCase(__DIR__.'/../fonts');
/** @return array{Team, Composer, Planner} that remember nothing yet */
$fresh = static function () use ($typeCase): array {
    $memory = new class implements Memory {
        /** @var array<string, mixed> */
        private array $known = [];

        public function recall(string $key, callable $make): mixed
        {
            return $this->known[$key] ??= $make();
        }
    };
    $composer = new Composer($typeCase, $memory);

    return [new Team(new DesignReader(), $composer, $typeCase), $composer, new Planner($typeCase, $memory)];
};
$time = static function (string $name, callable $do) use (&$times): void {
    $start = hrtime(true);
    $do();
    $times[$name][] = (hrtime(true) - $start) / 1e6;
};
for ($round = 0; $round < 5; ++$round) {
    [$team, , $planner] = $fresh();
    $layers = [];
    // A person's layers are worked out again only where their design differs, as in the server.
    $all = static function (array $people) use ($document, $team, $planner, &$layers): void {
        foreach ($team->designs($document, $people) as $made) {
            $layers[hash('xxh128', serialize($made->design))] ??= $planner->plan($made->design)->cutPlan;
        }
    };
    $time('names, a hundred from nothing', static fn () => $all($people));
    $people[50] = new Person('p50', ['name' => "Ottilie$round"]);
    $time('names, one changed', static fn () => $all($people));
    [$team, $composer] = $fresh();
    $time('names, contact sheet of a hundred', static function () use ($team, $composer, $document, $people): void {
        foreach ($team->designs($document, $people) as $made) {
            $composer->compose($made->design);
        }
    });
}
$results = [];
foreach ($times as $name => $each) {
    sort($each);
    $results[$name] = ['median' => round($each[2], 1), 'p95' => round($each[4], 1), 'unit' => 'ms'];
}
echo json_encode($results, \JSON_THROW_ON_ERROR), "\n";
