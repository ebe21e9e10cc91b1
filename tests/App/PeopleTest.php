<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use Uvret\App\Layout\LayOut;
use Uvret\App\Layout\LayOutHandler;
use Uvret\App\Repository\FilmLayouts;
use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\StandInCutter;

/** People of a list on their way through the shop: cut, marked by hand, cut again. */
#[Group('slow')]
final class PeopleTest extends ApiCase
{
    private StandInCutter $cutter;

    protected function setUp(): void
    {
        $this->cutter = new StandInCutter(0);
        $this->cutter->announce();
        parent::setUp();
        $shop = $this->get('/api/shop');
        $this->send('PUT', '/api/shop', $shop->with('layout.seconds', 1));
        $sheet = $this->get('/api/jobs/crew-seats');
        $this->send('PUT', '/api/jobs/crew-seats', $sheet->with('state', 'to cut'));
    }

    protected function tearDown(): void
    {
        $this->cutter->end();
        parent::tearDown();
    }

    public function testPeopleAreCutFilmByFilmAndOneIsCutAgain(): void
    {
        $items = [['design' => 'crew-badge', 'copies' => 2], ['design' => 'crew-shirt-names', 'copies' => 1]];
        $this->send('PUT', '/api/layouts', ['items' => $items]);
        $chalk = $this->film('chalk');
        self::assertSame(\range(1, 11), \array_column((array) $chalk->get('pieces'), 'mark'));
        $shapes = \array_map(static fn (mixed $piece): string => (new Json((array) $piece))->string('shape'), (array) $chalk->get('pieces'));
        self::assertCount(10, \array_unique($shapes), 'each name has its own shape, copies share theirs');
        self::assertSame(\range(3, 11), \array_column((array) $this->film('buoy')->get('pieces'), 'mark'), 'a person has one number on all films');
        self::assertSame($this->marks($chalk)['Bo, L'], $this->marks($this->film('buoy'))['Bo, L']);

        $this->cut('chalk', 'Chalk');
        self::assertSame(['to cut'], $this->states(), 'the other film is still to be cut');
        $this->cut('buoy', 'Buoy');
        self::assertSame(['cut'], $this->states());
        self::assertSame(['toCut' => 0, 'cut' => 9, 'weeded' => 0, 'pressed' => 0], $this->get('/api/jobs/crew-seats')->get('people'));
        self::assertSame('All names of The eight’s shirts are cut. To cut one again, choose it in the job’s list of names.', $this->send(
            'PUT',
            '/api/layouts',
            ['items' => [$items[1]]],
            422,
        )->get('detail'));

        // One is misspelt: both its films are laid out again, nobody else's; asked twice it is cut once.
        $row = $this->get('/api/jobs/crew-seats/names')->string('people.3.id');
        $this->send('PUT', '/api/jobs/crew-seats/people/state', ['people' => [$row, 'row-1'], 'state' => 'weeded']);
        for ($times = 0; $times < 2; ++$times) {
            $list = $this->send('POST', '/api/jobs/crew-seats/people/again', ['people' => [$row]]);
            self::assertSame(['weeded', 'cut', 'cut', 'to cut'], \array_slice(\array_column((array) $list->get('people'), 'state'), 0, 4));
            self::assertSame(['Bo, L'], \array_keys($this->marks($this->film('chalk'))));
            self::assertSame(['Bo, L'], \array_keys($this->marks($this->film('buoy'))));
        }
        $this->cut('chalk', 'Chalk');
        $this->cut('buoy', 'Buoy');
        self::assertSame(['weeded', 'cut', 'cut', 'cut'], \array_slice($this->all(), 0, 4));
    }

    public function testPiecesJoinWhatIsLaidOutAlready(): void
    {
        $this->send('PUT', '/api/layouts', ['items' => [['design' => 'crew-badge', 'copies' => 2]]]);
        $this->work();
        $before = \array_column((array) $this->film('chalk')->get('pieces'), 'matrix');
        $this->send('POST', '/api/jobs/crew-seats/people/again', ['people' => ['row-2']]);
        $this->work(true);
        $chalk = $this->film('chalk');
        self::assertSame([1, 2, 3], \array_column((array) $chalk->get('pieces'), 'mark'));
        self::assertSame($before, \array_slice(\array_column((array) $chalk->get('pieces'), 'matrix'), 0, 2), 'what lies there stays');
        self::assertSame([], $chalk->get('left'));
        // What nobody is asked for, or nothing is known of, is refused.
        $again = '/api/jobs/crew-seats/people/again';
        self::assertSame('Choose at least one person of the list.', $this->send('POST', $again, ['people' => []], 422)->get('detail'));
        $this->send('PUT', '/api/jobs/crew-seats/people/state', ['people' => ['row-1'], 'state' => 'lost'], 422);
        $sheet = $this->get('/api/jobs/crew-seats');
        $this->send('PUT', '/api/jobs/crew-seats', $sheet->with('state', 'to approve'));
        self::assertStringContainsString('not approved yet', $this->send('POST', $again, ['people' => ['row-1']], 422)->string('detail'));
    }

    /** Lays a film out and cuts it whole. */
    private function cut(string $film, string $name): void
    {
        $this->work();
        foreach ((array) $this->film($film)->get('stocks') as $one) {
            $stock = (new Json((array) $one))->string('id');
            $scrap = 'roll' === $stock ? ['width' => 500, 'left' => 5_000] : $this->scrap($film, $stock);
            $this->cutter->press('load', ['id' => $film, 'name' => $name, 'side' => 'carrier down'] + $scrap);
            if ([] !== \array_filter((array) $this->film($film)->get('pieces'), static fn (mixed $piece): bool => $stock === ((array) $piece)['stock'])) {
                $this->send('POST', "/api/layouts/$film/cut", ['stock' => $stock], 201);
                $this->untilCut();
            }
        }
    }

    /** @return array{width: float, left: float} in mm */
    private function scrap(string $film, string $stock): array
    {
        foreach ((array) $this->film($film)->get('stocks') as $one) {
            $one = new Json((array) $one);
            if ($stock === $one->get('id')) {
                return ['width' => $one->int('width') / 1_000, 'left' => $one->int('length') / 1_000];
            }
        }
        self::fail("$stock is not in use.");
    }

    private function work(bool $keep = false): void
    {
        $layouts = self::getContainer()->get(FilmLayouts::class);
        $handler = self::getContainer()->get(LayOutHandler::class);
        self::assertInstanceOf(FilmLayouts::class, $layouts);
        self::assertInstanceOf(LayOutHandler::class, $handler);
        foreach ($layouts->all() as $layout) {
            $handler(new LayOut($layout->film, $layout->revision, $keep));
        }
    }

    private function untilCut(): void
    {
        $worker = new Process(['bin/console', 'messenger:consume', 'cuts', '--sleep=0.1', '--quiet'], \dirname(__DIR__, 2), timeout: null);
        $worker->start();
        for ($end = \microtime(true) + 90; [] !== $this->get('/api/cut-room')->get('runs'); \usleep(60_000)) {
            self::assertLessThan($end, \microtime(true), $worker->getErrorOutput());
        }
        $worker->stop(0, \SIGKILL);
    }

    private function film(string $id): Json
    {
        foreach ($this->get('/api/layouts')->data() as $film) {
            if ($id === ((array) $film)['film']) {
                return new Json((array) $film);
            }
        }
        self::fail("Nothing is laid out on $id.");
    }

    /** @return array<string, int> numbers of the pieces by what they are called */
    private function marks(Json $film): array
    {
        /** @var array<string, int> $marks */
        $marks = \array_column((array) $film->get('pieces'), 'mark', 'name');

        return $marks;
    }

    /** @return list<string> */
    private function all(): array
    {
        /** @var list<string> $states */
        $states = \array_column((array) $this->get('/api/jobs/crew-seats/names')->get('people'), 'state');

        return $states;
    }

    /** @return list<string> */
    private function states(): array
    {
        return \array_values(\array_unique($this->all()));
    }
}
