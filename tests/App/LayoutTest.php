<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use Uvret\App\Layout\LayOut;
use Uvret\App\Layout\LayOutHandler;
use Uvret\App\Repository\FilmLayouts;
use Uvret\Geometry\Affine;
use Uvret\Geometry\FillRule;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\StandInCutter;
use Uvret\Tests\Support\SvgRings;

/** Layers of jobs laid out on rolls and scraps, moved by hand, sent to the cutter. */
#[Group('slow')]
final class LayoutTest extends ApiCase
{
    private const ITEMS = [
        ['design' => 'crew-shirt-back', 'copies' => 2],
        ['design' => 'crew-shirt-chest', 'copies' => 5],
        ['design' => 'launch-cap', 'copies' => 3],
    ];

    private StandInCutter $cutter;

    /** What was asked of the layouts last. */
    private string $asked = '';

    /** @var list<Process> */
    private array $workers = [];

    protected function setUp(): void
    {
        $this->cutter = new StandInCutter(0);
        $this->cutter->announce();
        parent::setUp();
        $shop = $this->get('/api/shop');
        $this->send('PUT', '/api/shop', $shop->with('layout', [
            'gap' => 1_000,
            'edge' => 0,
            'smallest' => 60_000,
            'seconds' => 1,
            'numbers' => false,
            'mat' => ['width' => 305_000, 'length' => 600_000, 'edge' => 6_000],
            'sheet' => ['width' => 0, 'length' => 0],
        ]));
    }

    protected function tearDown(): void
    {
        foreach ($this->workers as $worker) {
            $worker->stop(0, \SIGKILL);
        }
        $this->cutter->end();
        parent::tearDown();
    }

    public function testFilmsOfTwoJobsAreLaidOutWithAScrapFirst(): void
    {
        $chosen = $this->send('PUT', '/api/layouts', ['items' => self::ITEMS]);
        self::assertSame(['buoy', 'chalk'], \array_column($chosen->data(), 'film'));
        self::assertSame(['waiting', 'waiting'], \array_column($chosen->data(), 'state'));
        $this->work();

        $chalk = $this->film('chalk');
        self::assertSame('done', $chalk->string('state'));
        self::assertCount(10, (array) $chalk->get('pieces'));
        self::assertSame([], $chalk->get('left'));
        self::assertSame(['scrap-0', 'roll'], \array_column((array) $chalk->get('stocks'), 'id'));
        self::assertGreaterThan(0, $chalk->int('length'));
        self::assertLessThan($chalk->int('boxes'), $chalk->int('length'), 'the scrap saves film');
        $frames = [];
        foreach ((array) $chalk->get('pieces') as $piece) {
            $piece = new Json((array) $piece);
            self::assertFalse($piece->get('stale'));
            $frames[$piece->string('stock')][] = self::frame($chalk, $piece);
        }
        foreach ($frames as $on) {
            foreach ($on as $at => $frame) {
                foreach (\array_slice($on, $at + 1) as $other) {
                    self::assertGreaterThanOrEqual(990.0, (float) Geos::result('distance', $frame, $other, 'txt'), 'the gap is kept');
                }
            }
        }
    }

    public function testAPieceMovedByHandTouchesNothingAndStaysWhereItIsPinned(): void
    {
        $this->laid();
        $chalk = $this->film('chalk');
        $on = \array_values(\array_filter((array) $chalk->get('pieces'), static fn (mixed $piece): bool => 'roll' === ((array) $piece)['stock']));
        [$one, $other] = [new Json((array) $on[0]), new Json((array) $on[1])];
        $x = \min($other->int('x'), 500_000 - $one->int('wide'));
        $spot = ['stock' => 'roll', 'turn' => $one->int('turn'), 'x' => $x, 'y' => $other->int('y'), 'pinned' => true];
        $path = "/api/layouts/chalk/pieces/{$one->int('number')}";
        $tried = $this->send('POST', "$path/try", $spot);
        self::assertContains($other->int('number'), (array) $tried->get('touches'));
        self::assertSame('It touches another piece there. Move it further.', $this->send('PUT', $path, $spot, 422)->get('detail'));
        $beside = ['x' => -2_000] + $spot;
        self::assertFalse($this->send('POST', "$path/try", $beside)->get('inside'));
        self::assertStringContainsString('doesn’t lie on usable film', $this->send('PUT', $path, $beside, 422)->string('detail'));
        self::assertStringContainsString('doesn’t allow that rotation', $this->send('PUT', $path, ['turn' => 45] + $spot, 422)->string('detail'));

        // Behind all others there is room.
        $free = ['x' => 12_345, 'y' => $chalk->int('length') + 1_000] + $spot;
        self::assertSame([[], true], [$this->send('POST', "$path/try", $free)->get('touches'), $this->send('POST', "$path/try", $free)->get('inside')]);
        $moved = $this->send('PUT', $path, $free);
        self::assertSame($chalk->int('length') + 1_000 + $one->int('high'), $moved->int('length'));

        // It stays there when the rest is tidied, when another job is chosen, and until it is let go.
        $this->send('POST', '/api/layouts/chalk/again');
        $this->work();
        $this->assertPinned($one->int('number'), 12_345, $free['y']);
        $this->send('PUT', '/api/layouts', ['items' => [...self::ITEMS, ['design' => 'crew-badge', 'copies' => 1]]]);
        $this->work();
        $this->assertPinned($one->int('number'), 12_345, $free['y']);
        $this->send('PUT', $path, ['pinned' => false] + $free);
        $this->send('POST', '/api/layouts/chalk/again');
        $this->work();
        self::assertNotSame(12_345, $this->film('chalk')->int("pieces.{$one->int('number')}.x"));
        self::assertSame('This piece is no longer laid out.', $this->send('POST', '/api/layouts/chalk/pieces/999/try', $free, 422)->get('detail'));
    }

    public function testAChangedDesignIsStaleAndOnlyItsPiecesAreLaidOutAgain(): void
    {
        $this->laid();
        $before = $this->film('chalk');
        $opened = $this->get('/api/designs/launch-cap');
        $line = (array) $opened->get('document.lines.0');
        $this->put($opened->with('document.lines.0', ['lettering' => ['words' => 'Cutter'] + (array) $line['lettering']] + $line));

        $stale = $this->film('chalk');
        self::assertSame(\array_fill(0, 3, 'launch-cap'), self::of($stale, static fn (Json $piece): bool => true === $piece->get('stale')));
        $said = $this->send('POST', '/api/layouts/chalk/cut', ['stock' => 'roll'], 422)->string('detail');
        self::assertStringContainsString('Lay the changed pieces out again', $said);
        $this->send('POST', '/api/layouts/chalk/changed');
        $this->work();
        $after = $this->film('chalk');
        self::assertSame([], self::of($after, static fn (Json $piece): bool => true === $piece->get('stale')));
        for ($number = 0; $number < 7; ++$number) {
            self::assertSame($before->get("pieces.$number.matrix"), $after->get("pieces.$number.matrix"), 'what has not changed stays');
        }
    }

    public function testADesignTakenOutOfItsJobLeavesTheLayoutAndComesBack(): void
    {
        $this->laid();
        $this->client->request('DELETE', '/api/designs/launch-cap');
        self::assertResponseIsSuccessful();
        $left = $this->film('chalk');
        self::assertSame([], self::of($left, static fn (Json $piece): bool => 'launch-cap' === $piece->get('design')));
        self::assertCount(7, (array) $left->get('pieces'));
        $this->client->request('POST', '/api/designs/launch-cap/restore');
        self::assertCount(10, (array) $this->film('chalk')->get('pieces'));
    }

    public function testWhatIsCutLeavesTheLayoutTheRackAndTheScrapAndLeavesScraps(): void
    {
        $this->laid();
        $stock = $this->stock();
        $this->cutter->load('chalk', 'Chalk');
        self::assertSame('This is cut from a scrap of 210 × 340 mm. Load that scrap.', $this->cut('scrap-0', 422)->get('detail'));
        $this->cutter->press('load', ['id' => 'chalk', 'name' => 'Chalk', 'width' => 210, 'left' => 340, 'side' => 'carrier down']);
        $onScrap = self::of($this->film('chalk'), static fn (Json $piece): bool => 'scrap-0' === $piece->get('stock'));
        $run = $this->cut('scrap-0');
        self::assertSame(['scrap-0', \sprintf('Chalk: %d pieces laid out', \count($onScrap))], [$run->get('stock'), $run->get('title')]);
        $this->untilCut();

        self::assertSame('cut', $this->get('/api/cut-room')->get('over.0.state'));
        self::assertLessThanOrEqual(50, $this->get('/api/cut-room')->int('over.0.within'));
        $chalk = $this->film('chalk');
        self::assertCount(10 - \count($onScrap), (array) $chalk->get('pieces'));
        self::assertSame([], self::of($chalk, static fn (Json $piece): bool => '' === $piece->get('stock') || true === $piece->get('stale')));
        self::assertSame($stock, $this->stock(), 'nothing came from the roll');
        self::assertNotContains('scrap-0', \array_column($this->get('/api/scraps')->data(), 'id'));
        $layers = $this->get("/api/cut-room/designs/$onScrap[0]")->data();
        $cut = \array_filter($layers, static fn (mixed $layer): bool => null !== ((array) $layer)['cutAt']);
        self::assertSame(['chalk'], \array_column(\array_column($cut, 'film'), 'id'));

        $length = $chalk->int('length');
        $this->cutter->load('chalk', 'Chalk');
        $this->cut('roll');
        $this->untilCut();
        self::assertSame($stock - $length - 2_000, $this->stock());
        self::assertSame([], $this->film('chalk')->get('pieces'));
        // What lies beside the pieces and is wide enough is offered, and kept or thrown away.
        $offered = \array_values(\array_filter($this->get('/api/scraps')->data(), static fn (mixed $scrap): bool => true === ((array) $scrap)['offered']));
        self::assertNotSame([], $offered);
        $first = new Json((array) $offered[0]);
        self::assertGreaterThanOrEqual(60_000, \min($first->int('width'), $first->int('length')));
        self::assertFalse($this->send('POST', "/api/scraps/{$first->string('id')}/keep")->get('offered'));
        $this->client->request('DELETE', "/api/scraps/{$first->string('id')}");
        self::assertResponseStatusCodeSame(204);
        $this->client->request('DELETE', "/api/scraps/{$first->string('id')}");
        self::assertResponseStatusCodeSame(404);
    }

    public function testWhatCannotBeCutYetIsRefusedAndWhatWasLaidOutStays(): void
    {
        $this->laid();
        $said = $this->send('PUT', '/api/layouts', ['items' => [['design' => 'kit-bag-ottilie', 'copies' => 1]]], 422)->string('detail');
        self::assertStringContainsString('is still being designed', $said);
        $this->send('PUT', '/api/layouts', ['items' => [['design' => 'crew-badge', 'copies' => 0]]], 422);
        self::assertCount(10, (array) $this->film('chalk')->get('pieces'));
        self::assertSame([], $this->send('PUT', '/api/layouts', ['items' => []])->data());
        $this->send('POST', '/api/layouts/chalk/again', status: 404);
    }

    public function testAFileHoldsTheSameLayersAsTheFilmAndNumbersOnAsking(): void
    {
        $this->laid();
        $chalk = $this->film('chalk');
        $areas = [];
        foreach ((array) $chalk->get('pieces') as $piece) {
            $piece = new Json((array) $piece);
            $ink = $chalk->string("shapes.{$piece->string('shape')}.ink");
            $stock = $piece->string('stock');
            $areas[$stock] = ($areas[$stock] ?? 0.0) + Region::fromRings(self::rings($ink), FillRule::EvenOdd)->area() / 1e6;
        }
        self::assertSame(['scrap-0', 'roll'], \array_column((array) $chalk->get('stocks'), 'id'));
        foreach ($areas as $stock => $area) {
            $drawn = $this->drawn("/api/layouts/chalk/$stock.svg");
            self::assertEqualsWithDelta(1.0, SvgRings::region($drawn['ink'])->area() / 1e6 / $area, 0.002, $stock);
        }
        $without = \substr_count(\implode('', $this->drawn('/api/layouts/chalk/roll.svg')['parting']), 'M');
        $shop = $this->get('/api/shop');
        $this->send('PUT', '/api/shop', $shop->with('layout.numbers', true));
        $with = \substr_count(\implode('', $this->drawn('/api/layouts/chalk/roll.svg')['parting']), 'M');
        $pieces = \substr_count((string) \json_encode($chalk->get('pieces')), '"stock":"roll"');
        self::assertGreaterThanOrEqual($without + $pieces, $with, 'one stroke a piece at least');
        foreach (['hpgl', 'dxf', 'pdf'] as $format) {
            $this->client->request('GET', "/api/layouts/chalk/roll.$format");
            self::assertResponseIsSuccessful();
        }
        $this->send('GET', '/api/layouts/chalk/nowhere.svg', status: 404);
    }

    /** @return array{ink: list<string>, parting: list<string>} path data of an SVG file: of the ink with marks, and of open cuts */
    private function drawn(string $path): array
    {
        $this->client->request('GET', $path);
        self::assertResponseIsSuccessful();
        $svg = (string) $this->client->getResponse()->getContent();
        $found = ['ink' => [], 'parting' => []];
        \preg_match_all('/<path([^>]*) d="([^"]*)"/', $svg, $paths, \PREG_SET_ORDER);
        foreach ($paths as [, $attributes, $data]) {
            if (\str_contains($attributes, 'id="parting"')) {
                $found['parting'][] = $data;
            } elseif (!\str_contains($attributes, 'weeding-box')) {
                $found['ink'][] = $data;
            }
        }

        return $found;
    }

    public function testFilmsOfADesignAreCutFromOneMatInOneLoadZoneByZone(): void
    {
        $stock = $this->stock();
        $items = [['design' => 'crew-badge', 'copies' => 1], ['design' => 'launch-cap', 'copies' => 2]];
        $this->send('PUT', '/api/layouts', ['items' => $items, 'onMat' => true]);
        $this->work();
        $films = \array_map(static fn (mixed $film): Json => new Json((array) $film), $this->get('/api/layouts')->data());
        self::assertSame(['chalk', 'sunup'], \array_map(static fn (Json $film): string => $film->string('film'), $films));
        $from = 6_000;
        foreach ($films as $film) {
            self::assertSame(['width' => 305_000, 'length' => 600_000, 'edge' => 6_000, 'from' => $from], $film->get('mat'));
            self::assertSame(293_000, $film->int('stocks.0.width'));
            $from += $film->int('length') + 5_000;
        }

        $this->cutter->load('chalk', 'Chalk');
        self::assertSame('Chalk is in the cutter. Load the carrier mat with its films.', $this->cut('roll', 422)->get('detail'));
        $mat = ['id' => 'mat', 'name' => 'Carrier mat', 'width' => 305, 'side' => 'carrier down'];
        $this->cutter->press('load', ['left' => 400] + $mat);
        self::assertStringContainsString('smaller than the shop’s', $this->cut('roll', 422)->string('detail'));
        $this->cutter->press('load', ['left' => 600] + $mat);
        $this->cut('roll');
        $this->untilCut();
        $chalk = $this->cutter->journal();
        $this->send('POST', '/api/layouts/sunup/cut', ['stock' => 'roll'], 201);
        $this->untilCut();
        self::assertLessThanOrEqual(50, $this->get('/api/cut-room')->int('over.0.within'));
        self::assertSame(600_000, $this->get('/api/cut-room')->int('cutter.left'), 'the mat was not fed out');
        // Along the mat the second film's strokes begin behind the first one's zone, in the same load.
        $sunup = \array_slice($this->cutter->journal(), \count($chalk) + 1);
        $behind = $films[1]->int('mat.from') / 1_000;
        self::assertGreaterThan($behind - 0.1, \min([\INF, ...\array_column($sunup, 0)]));
        self::assertLessThan($behind, \max([0, ...\array_column(\array_slice($chalk, 1), 0)]));
        self::assertSame($stock - $films[0]->int('length'), $this->stock());

        // What is longer than the mat is told, and nothing is cut.
        $this->send('PUT', '/api/layouts', ['items' => [['design' => 'crew-badge', 'copies' => 3]], 'onMat' => true]);
        $this->work();
        self::assertMatchesRegularExpression('/^The mat is [\d.]+ mm too short\. /', $this->cut('roll', 422)->string('detail'));
    }

    public function testFilmsThatComeInSheetsUseTheFewest(): void
    {
        $shop = $this->get('/api/shop');
        $this->send('PUT', '/api/shop', $shop->with('layout.sheet', ['width' => 305_000, 'length' => 305_000]));
        $this->send('PUT', '/api/layouts', ['items' => [['design' => 'crew-badge', 'copies' => 3]]]);
        $this->work();
        $sunup = $this->film('sunup');
        // A badge of 210 mm fills a sheet of 305 mm; the last sheet is cut off behind it.
        self::assertSame(['sheet-1', 'sheet-2', 'sheet-3'], \array_column((array) $sunup->get('stocks'), 'id'));
        self::assertSame(['sheet', 'sheet', 'sheet'], \array_column((array) $sunup->get('stocks'), 'kind'));
        self::assertGreaterThan(2 * 305_000 + 210_000, $sunup->int('length'));
        self::assertLessThan(3 * 305_000, $sunup->int('length'));

        $this->cutter->press('load', ['id' => 'sunup', 'name' => 'Sun-up', 'width' => 305, 'left' => 305, 'side' => 'carrier down']);
        $this->send('POST', '/api/layouts/sunup/cut', ['stock' => 'sheet-2'], 201);
        $this->untilCut();
        $left = $this->film('sunup');
        self::assertSame($sunup->int('length') - 305_000, $left->int('length'));
        self::assertSame(['sheet-1', 'sheet-3'], \array_column((array) $left->get('pieces'), 'stock'));
    }

    public function testAFilmThatRunsShortSaysWhatFitsOnScrapsOfOthers(): void
    {
        $this->send('POST', '/api/scraps', ['film' => 'buoy', 'width' => 450_000, 'length' => 250_000], 201);
        $this->send('PUT', '/api/layouts', ['items' => [['design' => 'crew-badge', 'copies' => 24]]]);
        $this->work();
        $sunup = $this->film('sunup');
        self::assertGreaterThan(4_300_000, $sunup->int('length'));
        // The badge’s frame of 210.3 mm goes on that scrap and on none of the demo shop’s.
        self::assertSame([['film' => 'Buoy', 'width' => 450_000, 'length' => 250_000, 'pieces' => 2]], $sunup->get('substitutes'));
        self::assertSame([], $this->film('chalk')->get('substitutes'));
    }

    public function testAScrapIsPutOnTheRack(): void
    {
        $scrap = $this->send('POST', '/api/scraps', ['film' => 'sunup', 'width' => 250_000, 'length' => 400_000], 201);
        self::assertSame([250_000, 400_000, false], [$scrap->get('width'), $scrap->get('length'), $scrap->get('offered')]);
        $this->send('POST', '/api/scraps', ['film' => 'sunup', 'width' => 250_000, 'length' => 4], 422);
    }

    public function testAFilmGivesWayToOthersAndOneThatIsStoppedEarlyTakesTheFirstLayout(): void
    {
        $shop = $this->get('/api/shop');
        $this->send('PUT', '/api/shop', $shop->with('layout.seconds', 600));
        $this->send('PUT', '/api/layouts', ['items' => self::ITEMS]);
        // With ten minutes to go it ends as soon as it has first layouts, since the other film has none.
        $this->lay('buoy');
        self::assertSame('running', $this->film('buoy')->get('state'));
        self::assertSame([5, false], [\count((array) $this->film('buoy')->get('pieces')) - 2, $this->film('buoy')->get('pieces.0.stale')]);

        // Stopped before it has any, a film is done with its first one.
        self::assertSame('brief', $this->send('POST', '/api/layouts/chalk/stop')->get('state'));
        $this->lay('chalk');
        $chalk = $this->film('chalk');
        self::assertSame('done', $chalk->get('state'));
        self::assertGreaterThan(0, $chalk->int('length'));
        self::assertLessThan(60, $chalk->get('seconds'));
        // A second round keeps what is there unless it finds better, and ends when it is stopped.
        $length = $this->film('buoy')->int('length');
        self::assertSame('done', $this->send('POST', '/api/layouts/buoy/stop')->get('state'));
        $this->lay('buoy', true);
        self::assertSame($length, $this->film('buoy')->int('length'));
    }

    /** Does here what a worker does with one film. */
    private function lay(string $film, bool $isLater = false): void
    {
        $layouts = self::getContainer()->get(FilmLayouts::class);
        $handler = self::getContainer()->get(LayOutHandler::class);
        self::assertInstanceOf(FilmLayouts::class, $layouts);
        self::assertInstanceOf(LayOutHandler::class, $handler);
        $handler(new LayOut($film, $layouts->get($film)->revision, isLater: $isLater));
    }

    public function testFourWorkersLayFourFilmsOutAtOnceAndOneIsStopped(): void
    {
        $shop = $this->get('/api/shop');
        $this->send('PUT', '/api/shop', $shop->with('layout.seconds', 60));
        $sheet = $this->get('/api/jobs/regatta-shirts');
        $this->send('PUT', '/api/jobs/regatta-shirts', $sheet->with('state', 'to cut'));
        $designs = ['crew-shirt-back', 'crew-badge', 'launch-cap', 'regatta-shirt'];
        $this->send('PUT', '/api/layouts', ['items' => \array_map(static fn (string $design): array => ['design' => $design, 'copies' => 3], $designs)]);
        $films = \count($this->get('/api/layouts')->data());
        self::assertSame(4, $films);
        for ($worker = 0; $worker < 4; ++$worker) {
            $command = ['bin/console', 'messenger:consume', 'layouts', '--sleep=0.1', '--quiet'];
            $this->workers[] = $process = new Process($command, \dirname(__DIR__, 2), timeout: null);
            $process->start();
        }
        $end = \microtime(true) + 60;
        do {
            \usleep(100_000);
            $states = \array_column($this->get('/api/layouts')->data(), 'state');
        } while ($states !== \array_fill(0, $films, 'running') && \microtime(true) < $end);
        self::assertSame(\array_fill(0, $films, 'running'), $states);

        $stopped = $this->send('POST', '/api/layouts/chalk/stop');
        self::assertSame('done', $stopped->get('state'));
        $places = \array_column((array) $stopped->get('pieces'), 'matrix');
        \usleep(900_000);
        self::assertSame($places, \array_column((array) $this->film('chalk')->get('pieces'), 'matrix'), 'nothing changes any more');
    }

    public function testAnotherWorkerTakesOverFromOneThatWasKilled(): void
    {
        $this->send('PUT', '/api/shop', $this->get('/api/shop')->with('layout.seconds', 600));
        $this->send('PUT', '/api/layouts', ['items' => [['design' => 'launch-cap', 'copies' => 8]]]);
        $chalk = fn (): Json => $this->film('chalk');
        $killed = $this->layoutWorker();
        $this->until(static fn (): bool => 'running' === $chalk()->get('state'));
        $this->layoutWorker();
        // The other one waits for longer than it would for a silent worker: the first one is alive.
        $before = 0.0;
        $this->until(static function () use ($chalk, &$before): bool {
            self::assertGreaterThanOrEqual($before, $seconds = $chalk()->float('seconds'));

            return ($before = $seconds) > 8;
        });
        $killed->stop(0, \SIGKILL);
        [$before, $length] = [$chalk()->float('seconds'), $chalk()->int('length')];
        $this->until(static fn (): bool => $chalk()->float('seconds') < $before);
        self::assertSame('running', $chalk()->get('state'));
        self::assertLessThanOrEqual($length, $chalk()->int('length'), 'what was found is kept');
        self::assertSame('done', $this->send('POST', '/api/layouts/chalk/stop')->get('state'));
    }

    private function layoutWorker(): Process
    {
        $command = ['bin/console', 'messenger:consume', 'layouts', '--sleep=0.1', '--keepalive=1', '--quiet'];
        $queue = 'doctrine://default?queue_name=layouts&auto_setup=0&redeliver_timeout=6';
        $this->workers[] = $worker = new Process($command, \dirname(__DIR__, 2), ['UVRET_LAYOUTS' => $queue], timeout: null);
        $worker->start();

        return $worker;
    }

    /** @param \Closure(): bool $met */
    private function until(\Closure $met): void
    {
        for ($end = \microtime(true) + 60; !$met(); \usleep(100_000)) {
            self::assertLessThan($end, \microtime(true));
        }
    }

    private function assertPinned(int $number, int $x, int $y): void
    {
        $chalk = $this->film('chalk');
        self::assertSame([$x, $y, true], [$chalk->get("pieces.$number.x"), $chalk->get("pieces.$number.y"), $chalk->get("pieces.$number.pinned")]);
    }

    private function laid(): void
    {
        $this->send('PUT', '/api/layouts', ['items' => self::ITEMS]);
        $this->work();
    }

    /** Does here what a worker does. */
    private function work(): void
    {
        $layouts = self::getContainer()->get(FilmLayouts::class);
        $handler = self::getContainer()->get(LayOutHandler::class);
        self::assertInstanceOf(FilmLayouts::class, $layouts);
        self::assertInstanceOf(LayOutHandler::class, $handler);
        foreach ($layouts->all() as $layout) {
            $handler(new LayOut($layout->film, $layout->revision, 'changed' === $this->asked));
        }
    }

    /** @param array<mixed>|Json|string $body */
    protected function send(string $method, string $path, array|Json|string $body = [], int $status = 200): Json
    {
        if (\str_starts_with($path, '/api/layouts') && 'GET' !== $method) {
            $this->asked = \basename($path);
        }

        return parent::send($method, $path, $body, $status);
    }

    /** Until all is cut that was sent. */
    private function untilCut(): void
    {
        $worker = new Process(['bin/console', 'messenger:consume', 'cuts', '--sleep=0.1', '--quiet'], \dirname(__DIR__, 2), timeout: null);
        $worker->start();
        $this->workers[] = $worker;
        for ($end = \microtime(true) + 90; [] !== $this->get('/api/cut-room')->get('runs'); \usleep(60_000)) {
            self::assertLessThan($end, \microtime(true), $worker->getErrorOutput());
        }
        $worker->stop(0, \SIGKILL);
    }

    private function cut(string $stock, int $status = 201): Json
    {
        return $this->send('POST', '/api/layouts/chalk/cut', ['stock' => $stock], $status);
    }

    private function film(string $id): Json
    {
        foreach ($this->get('/api/layouts')->data() as $film) {
            $film = new Json((array) $film);
            if ($id === $film->get('film')) {
                return $film;
            }
        }
        self::fail("Nothing is laid out on $id.");
    }

    private function stock(): int
    {
        foreach ($this->get('/api/film-rack')->data() as $entry) {
            $entry = new Json((array) $entry);
            if ('chalk' === $entry->get('entry.film.id')) {
                return $entry->int('entry.stock');
            }
        }
        self::fail('There is no chalk.');
    }

    /**
     * @param \Closure(Json): bool $which
     *
     * @return list<string> their designs
     */
    private static function of(Json $film, \Closure $which): array
    {
        $designs = [];
        foreach ((array) $film->get('pieces') as $piece) {
            $piece = new Json((array) $piece);
            if ($which($piece)) {
                $designs[] = $piece->string('design');
            }
        }

        return $designs;
    }

    /** A frame where it is drawn, as WKT. */
    private static function frame(Json $film, Json $piece): string
    {
        [$a, $b, $c, $d, $e, $f] = \array_map(static fn (mixed $value): float => \is_numeric($value) ? (float) $value : 0.0, (array) $piece->get('matrix'));
        $frame = Region::fromRings(self::rings($film->string("shapes.{$piece->string('shape')}.frame")));

        return Geos::wkt($frame->transform(new Affine($a, $b, $c, $d, $e, $f)));
    }

    /** @return list<list<int>> of path data */
    private static function rings(string $data): array
    {
        \preg_match_all('/M([-\d ]+)Z/', $data, $paths);

        return \array_map(static fn (string $path): array => \array_map(\intval(...), \explode(' ', \trim($path))), $paths[1]);
    }
}
