<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use Uvret\App\Cutting\Instructions;
use Uvret\App\Repository\CutRuns;
use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\KilledServer;
use Uvret\Tests\Support\StandInCutter;

/**
 * Layers on their way to the stand-in cutter, by a worker of its own; whatever is killed, each ring is cut once.
 *
 * @phpstan-type Run array{
 *     state: string,
 *     reason: string,
 *     done: int,
 *     along: int,
 *     length: int,
 *     secondsLeft: float|int,
 *     within: int|null,
 *     id: string,
 *     off: int,
 *     offPieces: list<int>,
 *     offPath: string,
 * }
 */
#[Group('slow')]
final class CuttingTest extends ApiCase
{
    private StandInCutter $cutter;

    private ?Process $worker = null;

    protected function setUp(): void
    {
        $this->cutter = new StandInCutter(60);
        $this->cutter->announce();
        parent::setUp();
        $this->cutter->load('chalk', 'Chalk');
    }

    protected function tearDown(): void
    {
        $this->worker?->stop(0, \SIGKILL);
        $this->cutter->end();
        parent::tearDown();
    }

    public function testALayerIsCutRingByRingAndSeenOnItsWay(): void
    {
        $this->cutter->press('pace', ['pace' => 6]);
        $stock = $this->stock('chalk');
        $run = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk'], 201);
        self::assertSame(['waiting', 0, 28], [$run->string('state'), $run->int('done'), $run->int('rings')]);
        $this->work();
        $seen = [];
        $over = $this->until('cut', static function (array $one) use (&$seen): bool {
            $seen[] = [$one['done'], $one['along']];

            return true;
        });
        self::assertSame(28, $over['done']);
        self::assertGreaterThan(2, \count(\array_unique(\array_column($seen, 0))), 'it comes ring by ring');
        self::assertGreaterThan(2, \count(\array_unique(\array_column($seen, 1))), 'and the knife is seen to move');
        self::assertSame(0.0, (float) $over['secondsLeft']);
        self::assertLessThanOrEqual(50, $over['within']);
        self::assertSame([0, ''], [$over['off'], $over['offPath']]);
        $this->assertCutOnce($run->string('id'));
        // The layer is marked as cut, and what it took is gone from the roll.
        $layers = $this->get('/api/cut-room/designs/crew-shirt-back');
        self::assertNull($layers->get('0.cutAt'));
        self::assertNotNull($layers->get('1.cutAt'));
        self::assertSame($stock - $this->now()['length'], $this->stock('chalk'));
    }

    private function stock(string $film): int
    {
        foreach ($this->get('/api/film-rack')->data() as $entry) {
            $entry = new Json((array) $entry);
            if ($film === $entry->get('entry.film.id')) {
                return $entry->int('entry.stock');
            }
        }
        self::fail("There is no $film on the rack.");
    }

    /** @return iterable<string, array{string, array<string, mixed>, int}> a failure, and from which ring on it must show */
    public static function mishaps(): iterable
    {
        yield 'film that lies crooked' => ['crooked', ['degrees' => 0.4], 20];
        yield 'film that slips' => ['slip', ['millimetres' => 0.8], 5];
    }

    /** @param array<string, mixed> $values */
    #[DataProvider('mishaps')]
    public function testWhatWasCutElsewhereIsSeen(string $failure, array $values, int $least): void
    {
        $this->cutter->press($failure, $values);
        $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk'], 201);
        $this->work();
        $over = $this->until('cut');
        self::assertGreaterThan(100, $over['within']);
        self::assertGreaterThanOrEqual($least, $over['off']);
        self::assertSame($over['off'], \substr_count($over['offPath'], 'M'));
        // The pieces that they belong to can be cut again, by themselves, in their own frames.
        $pieces = $over['offPieces'];
        self::assertNotSame([], $pieces);
        self::assertSame($pieces, \array_values(\array_unique($pieces)));
        $some = \array_slice($pieces, 0, 2);
        $this->cutter->press($failure, \array_map(static fn (): int => 0, $values));
        $again = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk', 'pieces' => $some], 201);
        self::assertStringEndsWith(', Chalk, 2 pieces', $again->string('title'));
        self::assertLessThan($over['length'], $again->int('length'));
        $this->until('cut', static fn (array $one): bool => $one['id'] === $again->string('id'));
        self::assertSame([0, []], [$this->now()['off'], $this->now()['offPieces']]);
    }

    public function testWhoMakesUpForTheBladeIsASettingAndCornersAreRoundIfNobodyDoes(): void
    {
        $shop = $this->get('/api/shop');
        $this->send('PUT', '/api/shop', $shop->with('compensates', true));
        // This cutter does not do it.
        $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk'], 201);
        $this->work();
        $over = $this->until('cut');
        self::assertGreaterThan(50, $over['within']);
        self::assertGreaterThan(20, $over['off'], 'letters with corners');
        self::assertNotSame('', $over['offPath']);
    }

    public function testPiecesThatTheLayerHasNotAndTooManyCopiesAreRefused(): void
    {
        $cut = ['design' => 'crew-shirt-back', 'film' => 'chalk'];
        self::assertStringContainsString('Choose them again', $this->send('POST', '/api/cuts', [...$cut, 'pieces' => [0, 999]], 422)->string('detail'));
        self::assertSame('pieces', $this->send('POST', '/api/cuts', [...$cut, 'pieces' => ['all']], 422)->string('path'));
        self::assertSame('copies', $this->send('POST', '/api/cuts', [...$cut, 'copies' => 201], 422)->string('path'));
        self::assertSame('copies', $this->send('POST', '/api/cuts', [...$cut, 'copies' => 0], 422)->string('path'));
    }

    public function testCopiesLieInRowsAndAreCutInOneGo(): void
    {
        $one = $this->get('/api/cut-room/designs/crew-shirt-back')->part('1');
        $three = $this->get('/api/cut-room/designs/crew-shirt-back?copies=3')->part('1');
        self::assertSame([1, 3], [\count((array) $one->get('places')), \count((array) $three->get('places'))]);
        foreach (['pieces', 'toWeed', 'hardPlaces'] as $counted) {
            self::assertSame(3 * $one->int($counted), $three->int($counted), $counted);
        }
        self::assertSame($one->get('ink'), $three->get('ink'));
        self::assertSame(24, $one->int('wanted'), 'as many as the job has');
        // Only one fits across the film of 500 mm, so the frames lie behind one another.
        self::assertSame(3 * $one->int('length'), $three->int('length'));
        $run = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk', 'copies' => 3], 201);
        self::assertStringEndsWith(', Chalk, 3 times', $run->string('title'));
        // Three frames that lie against one another: one line round all, and two between them.
        self::assertSame(3 * 27 + 1 + 2, $run->int('rings'));
        $stock = $this->stock('chalk');
        $this->work();
        $over = $this->until('cut');
        self::assertSame([0, $stock - $over['length']], [$over['off'], $this->stock('chalk')]);
        $this->assertCutOnce($run->string('id'));
        // The file of the layout has all of it.
        $this->client->request('GET', '/api/designs/crew-shirt-back/blade-side/chalk.svg?copies=3');
        $svg = (string) $this->client->getResponse()->getContent();
        self::assertSame($one->int('pieces') * 3, \substr_count(\explode('id="marks"', $svg)[0], '<path fill-rule'));
    }

    public function testItIsPausedGoneOnWithAndCancelled(): void
    {
        $this->cutter->press('pace', ['pace' => 2]);
        $run = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk'], 201)->string('id');
        $this->work();
        $this->until('cutting', static fn (array $one): bool => $one['done'] > 0);
        $this->send('POST', "/api/cuts/$run/pause");
        $paused = $this->until('paused');
        // What it had been sent it cuts, and then no more.
        do {
            $before = $this->now()['done'];
            \usleep(600_000);
        } while ($this->now()['done'] !== $before);
        self::assertLessThan(28, $this->now()['done']);
        self::assertSame('paused', $paused['state']);
        $this->send('POST', "/api/cuts/$run/go");
        $this->until('cutting');
        $this->send('POST', "/api/cuts/$run/cancel");
        $this->until('cancelled');
        // What was begun is fed out of the cutter.
        for ($end = \microtime(true) + 20; \microtime(true) < $end && 5_000 === $this->cutter->press('fresh-record')->get('film.left');) {
            \usleep(50_000);
        }
        self::assertNotSame(5_000, $this->cutter->press('fresh-record')->get('film.left'));
        self::assertSame([], $this->get('/api/cut-room')->get('runs'));
    }

    public function testACutterThatStopsIsSeenAndGoesOnOnceItIsSeenTo(): void
    {
        $run = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk'], 201)->string('id');
        [$x, $y] = $this->starts($run)[12] ?? [0, 0];
        $this->cutter->press('jam', ['x' => $x / 40, 'y' => $y / 40]);
        $this->work();
        self::assertStringContainsString('let it go on at its panel', $this->until('stopped')['reason']);
        $this->cutter->press('go');
        $this->until('cut');
        $this->assertCutOnce($run);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function notReady(): iterable
    {
        $chalk = ['id' => 'chalk', 'name' => 'Chalk', 'width' => 500, 'left' => 5_000, 'side' => 'carrier down'];
        yield 'another film' => [['id' => 'buoy', 'name' => 'Buoy'] + $chalk, 'Buoy is in the cutter, and this layer is cut from Chalk. Load Chalk.'];
        yield 'the wrong side up' => [['side' => 'carrier up'] + $chalk, 'Chalk is cut with its carrier down. Turn it over.'];
        yield 'too little left' => [['left' => 100] + $chalk, 'The layer needs 0.18 m of Chalk, and 0.10 m is left in the cutter. Load a longer piece.'];
        yield 'too narrow' => [['width' => 200] + $chalk, 'The layer is wider than the film in the cutter.'];
    }

    /** @param array<string, mixed> $loaded */
    #[DataProvider('notReady')]
    public function testACutterThatIsNotReadyIsRefusedWithWhatToDo(array $loaded, string $said): void
    {
        $this->cutter->press('load', $loaded);
        $answer = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk'], 422);
        self::assertStringContainsString($said, $answer->string('detail'));
        self::assertSame([], $this->get('/api/cut-room')->get('runs'));
    }

    public function testATestCutIsMadeOfAnyFilmAndTheRackRemembersHowItWas(): void
    {
        $chalk = fn (string $field): mixed => $this->get('/api/cut-room/designs/crew-shirt-back')->get("1.$field");
        $tested = static fn (): array => [$chalk('testedOn'), $chalk('testedGood')];
        self::assertSame(['', false], $tested());
        $this->send('POST', '/api/test-cuts/buoy', [], 422);
        $this->send('POST', '/api/test-cuts/nothing', [], 422);
        $run = $this->send('POST', '/api/test-cuts/chalk', [], 201);
        self::assertSame(['', 'Test cut: Chalk'], [$run->string('design'), $run->string('title')]);
        $this->work();
        $over = $this->until('cut');
        // A circle and four letters with their holes, on less than 60 mm of film.
        self::assertGreaterThan(6, $over['done']);
        self::assertLessThan(60_000, $over['length']);
        foreach (['good' => true, 'bad' => false] as $how => $good) {
            $this->client->request('POST', "/api/test-cuts/chalk/$how");
            self::assertResponseStatusCodeSame(204);
            self::assertSame([\date('Y-m-d'), $good], $tested());
        }
        // The rest of how it is cut stays.
        self::assertSame(90, $this->get('/api/cut-room/designs/crew-shirt-back')->int('1.force'));
    }

    public function testWhatIsNotApprovedOrHasSnagsIsRefused(): void
    {
        $answer = $this->send('POST', '/api/cuts', ['design' => 'regatta-shirt', 'film' => 'chalk'], 422);
        self::assertSame('Regatta shirts is not approved yet. Set the job to be cut when it is.', $answer->string('detail'));
        $answer = $this->send('POST', '/api/cuts', ['design' => 'song-tote', 'film' => 'chalk'], 422);
        self::assertStringContainsString('is still being designed', $answer->string('detail'));
        $opened = $this->get('/api/designs/crew-shirt-back');
        $this->put($opened->with('document.lines.0.lettering.words', 'TERN 日'));
        $answer = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk'], 422);
        self::assertStringStartsWith('Mend this first: ', $answer->string('detail'));
    }

    private function toBeCut(string $job): void
    {
        $sheet = $this->get("/api/jobs/$job");
        $this->send('PUT', "/api/jobs/$job", [
            'version' => $sheet->int('version'),
            'title' => $sheet->string('title'),
            'customer' => $sheet->string('customer'),
            'due' => $sheet->string('due'),
            'state' => 'to cut',
            'items' => $sheet->get('items'),
        ]);
    }

    public function testAnotherBladeOrNoCutterIsRefusedToo(): void
    {
        $this->cutter->press('blade', ['angle' => 60, 'offset' => 0.25]);
        $answer = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk'], 422);
        self::assertStringContainsString('one of 60° is in the cutter. Change the blade.', $answer->string('detail'));
        $this->cutter->kill();
        $answer = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk'], 422);
        self::assertStringContainsString('Switch it on', $answer->string('detail'));
        self::assertNull($this->get('/api/cut-room')->get('cutter'));
    }

    public function testWhateverIsKilledEachRingIsCutOnce(): void
    {
        $this->cutter->press('pace', ['pace' => 4]);
        $this->toBeCut('song-bags');
        $run = $this->send('POST', '/api/cuts', ['design' => 'song-tote', 'film' => 'chalk'], 201)->string('id');
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(17));
        $this->work();
        $server = new KilledServer($this->shop());
        $kills = $asked = 0;
        for (; $kills < 50 && !\in_array($this->now()['state'], ['cut', 'cancelled'], true); ++$kills) {
            \usleep(1_000 * $random->getInt(100, 900));
            $what = $random->getInt(0, 9);
            $asked += (int) (200 === $server->asked('GET', '/api/cut-room'));
            if ($what < 4) {
                $this->worker?->stop(0, \SIGKILL);
                $this->work();
            } elseif ($what < 6) {
                $this->cutter->kill();
                $this->cutter->start();
            } elseif ($what > 7) {
                // Paused or let go on by the page, the server killed right after.
                $server->asked('POST', "/api/cuts/$run/".(8 === $what ? 'pause' : 'go'));
                $server->kill();
                $server->start();
            } else {
                $this->cutter->press(6 === $what ? 'power-cut' : 'line-lost');
            }
        }
        self::assertGreaterThan(20, $kills);
        self::assertGreaterThan(0, $asked, 'the page is answered in between');
        $this->send('POST', "/api/cuts/$run/go");
        $this->cutter->press('pace', ['pace' => 0]);
        $over = $this->until('cut', within: 240.0);
        // Wherever it was begun again, the blade was turned as it has to be.
        self::assertSame([213, 0], [$over['done'], $over['off']]);
        $this->assertCutOnce($run);
        $server->kill();
    }

    public function testTwoWorkersTakeTurnsAtOneCutter(): void
    {
        $runs = [];
        foreach ([1, 2] as $number) {
            $runs[] = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-back', 'film' => 'chalk'], 201)->string('id');
        }
        $this->work();
        $first = $this->worker;
        $this->work();
        try {
            for ($end = \microtime(true) + 240; [] !== $this->get('/api/cut-room')->get('runs') && \microtime(true) < $end;) {
                \usleep(100_000);
            }
        } finally {
            $first?->stop(0, \SIGKILL);
        }
        $starts = $this->starts($runs[0]);
        $cut = \array_values(\array_filter(
            \array_map(static fn (array $point): array => [(int) \round(40 * $point[0]), (int) \round(40 * $point[1])], $this->cutter->journal()),
            static fn (array $point): bool => \in_array($point, $starts, true),
        ));
        self::assertSame([...$starts, ...$starts], $cut);
    }

    /** Each ring was carried out from its start to its end exactly once, in order. */
    private function assertCutOnce(string $id): void
    {
        $starts = $this->starts($id);
        // The blade is turned anew whenever the stream begins again.
        $cut = \array_values(\array_filter(
            \array_map(static fn (array $point): array => [(int) \round(40 * $point[0]), (int) \round(40 * $point[1])], $this->cutter->journal()),
            static fn (array $point): bool => \in_array($point, $starts, true),
        ));
        self::assertSame($starts, $cut);
    }

    /** @return list<array{int, int}> in units of HP-GL */
    private function starts(string $id): array
    {
        $runs = self::getContainer()->get(CutRuns::class);
        self::assertInstanceOf(CutRuns::class, $runs);

        return \array_map(static function (string $line): array {
            \preg_match('/^PU(-?\d+),(-?\d+);/', $line, $start);

            return [(int) ($start[1] ?? 0), (int) ($start[2] ?? 0)];
        }, Instructions::fromJson($runs->get($id)->instructions)->lines);
    }

    private function work(): void
    {
        $console = \dirname(__DIR__, 2).'/bin/console';
        $this->worker = new Process([$console, 'messenger:consume', 'cuts', '--sleep=0.1', '--quiet'], env: $this->shop(), timeout: null);
        $this->worker->start();
    }

    /** @return array<string, string> what processes of this shop find in their environment */
    private function shop(): array
    {
        return [
            'APP_ENV' => 'test',
            'UVRET_DATABASE' => \dirname(__DIR__, 2).'/var/test.sqlite',
            'UVRET_CUTTER' => "127.0.0.1:{$this->cutter->port}",
            'UVRET_CUTTER_PANEL' => "127.0.0.1:{$this->cutter->panel}",
        ];
    }

    /** @return Run the only cut there is */
    private function now(): array
    {
        $room = $this->get('/api/cut-room');
        /** @var list<Run> $all */
        $all = [...(array) $room->get('runs'), ...(array) $room->get('over')];

        return $all[0];
    }

    /**
     * @param (callable(Run): bool)|null $look false while it is not that far
     *
     * @return Run
     */
    private function until(string $state, ?callable $look = null, float $within = 120.0): array
    {
        for ($end = \microtime(true) + $within; \microtime(true) < $end; \usleep(60_000)) {
            $run = $this->now();
            if (false !== (null === $look ? true : $look($run)) && $run['state'] === $state) {
                return $run;
            }
        }
        $now = $this->now();
        $worker = $this->worker?->getErrorOutput().$this->worker?->getOutput();
        self::fail("It is not $state within {$within} s, but {$now['state']} at {$now['done']}: {$now['reason']} $worker");
    }
}
