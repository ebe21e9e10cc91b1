<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Uvret\App\Repository\CutPieces;
use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;

/** Press cards, and the press plan without the app. */
final class PressTest extends ApiCase
{
    public function testTheCardSaysWhatIsSetAndWhoIsPressedByTheNumbersOnThePieces(): void
    {
        $sheet = $this->get('/api/jobs/crew-seats');
        $this->send('PUT', '/api/jobs/crew-seats', $sheet->with('state', 'to cut'));
        $before = $this->text('/api/designs/crew-shirt-names/press-card.pdf');
        self::assertStringContainsString('Press card', $before);
        self::assertMatchesRegularExpression('/150 °C\s+3 ?s\s+light/u', $before);
        self::assertMatchesRegularExpression('/150 °C\s+12 ?s\s+medium/u', $before);
        self::assertMatchesRegularExpression('/Measure from the collar, in mm/', $before);
        self::assertMatchesRegularExpression('/Wilhelmina · XL\s+not cut yet/u', $before);

        // Laid out beside two others, and one film of it cut: the numbers stay those that are cut beside the pieces.
        $this->send('PUT', '/api/layouts', ['items' => [['design' => 'crew-badge', 'copies' => 2], ['design' => 'crew-shirt-names', 'copies' => 1]]]);
        $marks = [];
        foreach ((array) $this->layout('chalk')->get('pieces') as $piece) {
            $piece = new Json((array) $piece);
            $marks[$piece->string('name')] = $piece->int('mark');
        }
        $cut = self::getContainer()->get(CutPieces::class);
        self::assertInstanceOf(CutPieces::class, $cut);
        $cut->add('chalk', [['design' => 'crew-shirt-names', 'person' => 'row-5', 'number' => 40]]);
        $card = $this->text('/api/designs/crew-shirt-names/press-card.pdf?paper=letter');
        self::assertMatchesRegularExpression("/Marisol · S\s+{$marks['Marisol, S']}\b/u", $card);
        self::assertMatchesRegularExpression("/Kaspar · M\s+{$marks['Kaspar, M']}\b/u", $card);
        self::assertMatchesRegularExpression('/Wilhelmina · XL\s+Chalk 40 · Buoy 7/u', $card, 'where films differ, each is named');
        self::assertMatchesRegularExpression('/Piece 2\s+2\b/', $this->text('/api/designs/crew-badge/press-card.pdf'));
        $each = \explode("\f", \rtrim($this->text('/api/designs/crew-shirt-names/press-card.pdf?each=1'), "\f"));
        self::assertCount(9, $each, 'a page for everybody');
        self::assertMatchesRegularExpression("/Marisol · S\s+{$marks['Marisol, S']}\b/u", $each[0]);
        self::assertStringContainsString('1 piece', $each[0]);
        self::assertStringNotContainsString('Kaspar', $each[0]);
        self::assertStringContainsString('Wilhelmina · XL', $each[4]);
        $this->client->request('GET', '/api/designs/nothing/press-card.pdf');
        self::assertResponseStatusCodeSame(404);
    }

    public function testPiecesArePressedOneAfterAnotherUntilTheJobIsDone(): void
    {
        $sheet = $this->get('/api/jobs/crew-seats');
        $this->send('PUT', '/api/jobs/crew-seats', $sheet->with('state', 'to press'));
        $titles = \array_column($this->get('/api/press')->data(), 'title');
        self::assertLessThan(\array_search('Launch crew caps', $titles, true), \array_search('The eight’s shirts', $titles, true), 'what is cut comes first');
        $press = $this->get('/api/designs/crew-shirt-names/press');
        self::assertSame(['row-1', 9], [$press->get('row'), \count((array) $press->get('rows'))]);
        self::assertSame(['Warm the crew tee', 3, 1], [$press->get('steps.0.title'), $press->get('steps.0.seconds'), $press->get('steps.0.sections')]);
        self::assertStringStartsWith('<svg', $press->string('picture'));
        self::assertNotSame($press->get('picture'), $this->get('/api/designs/crew-shirt-names/press?row=row-5')->get('picture'), 'each with their own name');

        $at = '2031-06-12T09:12:00Z';
        $after = $this->send('POST', '/api/designs/crew-shirt-names/press', ['row' => 'row-1', 'at' => $at]);
        self::assertSame(['row-2', 'pressed', '2031-06-12T09:12:00+00:00'], [$after->get('row'), $after->get('rows.0.state'), $after->get('rows.0.at')]);
        self::assertSame(1, $this->get('/api/jobs/crew-seats')->get('people.pressed'));
        $this->send('POST', '/api/designs/crew-shirt-names/press', ['row' => 'row-2', 'at' => 'soon'], 422);
        for ($row = 2; $row <= 9; ++$row) {
            self::assertSame('to press', $this->get('/api/jobs/crew-seats')->get('state'));
            $this->send('POST', '/api/designs/crew-shirt-names/press', ['row' => "row-$row", 'at' => $at]);
        }
        self::assertSame('done', $this->get('/api/jobs/crew-seats')->get('state'));

        // Of equal pieces one after another is pressed.
        $brim = $this->get('/api/designs/committee-brim/press');
        self::assertSame(['committee-brim/1', 'Piece 1'], [$brim->get('row'), $brim->get('rows.0.name')]);
        self::assertGreaterThan(1, $brim->int('steps.1.sections'));
        $this->send('POST', '/api/designs/committee-brim/press', ['row' => 'committee-brim/1', 'at' => $at]);
        self::assertSame('committee-brim/2', $this->get('/api/designs/committee-brim/press')->get('row'));
    }

    public function testTheShopsPressesAreUsedAndOneCanBeChosen(): void
    {
        $path = '/api/designs/crew-shirt-back/press';
        self::assertStringStartsWith('flat press, 380 × 380, one pressing', $this->get($path)->string('platen'));
        $shop = $this->get('/api/shop');
        self::assertSame([20_000, 'flat', 4], [$shop->get('press.overlap'), $shop->get('press.presses.0.kind'), \count((array) $shop->get('press.presses'))]);
        $iron = ['id' => 'iron', 'name' => 'hand iron', 'kind' => 'iron', 'width' => 120_000, 'height' => 180_000];
        $flat = ['id' => 'big', 'kind' => 'flat', 'name' => 'swing press'] + $iron;
        $saved = $this->send('PUT', '/api/shop', $shop->with('press', ['presses' => [$iron, $flat], 'overlap' => 5_000]));
        self::assertSame('hand iron', $saved->get('press.presses.0.name'));
        $sheet = $this->get($path);
        self::assertSame(['big', 'iron'], [$sheet->get('press'), $sheet->get('presses.0.id')]);
        self::assertMatchesRegularExpression('/^hand iron, 120 × 180, \d+ sections$/', $this->get("$path?press=iron")->string('platen'));
        self::assertSame([3, 2], [$sheet->get('steps.1.seconds'), $sheet->get('steps.1.later')]);
        foreach ([
            'press/presses' => ['press.presses', []],
            'press/presses/0/width' => ['press.presses.0.width', 1],
            'press/overlap' => ['press.overlap', -1],
            'rate' => ['rate', -1],
        ] as $wrong => [$field, $value]) {
            self::assertSame($wrong, $this->send('PUT', '/api/shop', $saved->with($field, $value), 422)->string('path'));
        }
    }

    public function testASignIsLaidOnColdAndCutAsItsFilmsSay(): void
    {
        $sheet = $this->get('/api/designs/clubhouse-sign/press');
        self::assertSame(['laid on cold', []], [$sheet->get('platen'), $sheet->get('presses')]);
        self::assertSame(['Clean the clubhouse sign', null, 0], [$sheet->get('steps.0.title'), $sheet->get('steps.0.temperature'), $sheet->get('steps.0.seconds')]);
        self::assertStringContainsString('Laid on cold, by hand', $this->text('/api/designs/clubhouse-sign/press-card.pdf'));
        self::assertSame([], \array_column((array) $this->get('/api/designs/clubhouse-sign')->get('sheet.snags'), 'message'));
        $folder = \sys_get_temp_dir().'/uvret-sign-'.\bin2hex(\random_bytes(6));
        (new Process([\dirname(__DIR__, 2).'/bin/console', 'uvret:plan', 'demo/designs/clubhouse-sign.json', "--out=$folder"], \dirname(__DIR__, 2)))->mustRun();
        $plan = Json::of((string) \file_get_contents("$folder/plan.json"));
        self::assertSame([false, false], \array_column((array) $plan->get('layers'), 'mirrored'));
        (new Filesystem())->remove($folder);
    }

    public function testTheSumOfAJobIsFilmTimeAndCost(): void
    {
        $sum = $this->get('/api/jobs/tool-pouches/sum');
        self::assertSame([12, 0, 'sunup', 0], [$sum->get('pieces'), $sum->get('people'), $sum->get('films.0.id'), $sum->get('films.0.short')]);
        [$layer] = $this->get('/api/cut-room/designs/boatshed-pouch?copies=12')->data();
        $layer = new Json((array) $layer);
        self::assertSame($layer->get('length'), $sum->get('films.0.length'));
        self::assertEqualsWithDelta($layer->float('seconds'), $sum->float('cut'), 1);
        self::assertEqualsWithDelta($layer->float('weeding'), $sum->float('weed'), 1);
        self::assertSame(12 * $this->get('/api/designs/boatshed-pouch/press')->int('seconds'), $sum->get('press'));
        self::assertEqualsWithDelta(9.8 * $sum->int('films.0.length') / 1e6, $sum->float('film'), 0.01);
        $hours = ($sum->float('cut') + $sum->float('weed') + $sum->float('press')) / 3600;
        self::assertEqualsWithDelta($sum->float('film') + 36 * $hours, $sum->float('cost'), 0.02);

        // Everybody on the list is a piece; what the roll lacks is said; without a rate there is no cost.
        $this->send('PUT', '/api/shop', $this->get('/api/shop')->with('rate', 0));
        $named = $this->get('/api/jobs/named-bags/sum');
        self::assertSame([18, 18, null], [$named->get('people'), $named->get('pieces'), $named->get('cost')]);
        $film = new Json((array) $this->get('/api/film-rack')->get('1'));
        $this->send('PUT', '/api/film-rack/ink', $film->with('entry.stock', 100_000));
        self::assertSame($named->int('films.0.length') - 100_000, $this->get('/api/jobs/named-bags/sum')->get('films.0.short'));
        $sheet = $this->get('/api/jobs/named-bags');
        self::assertSame(95.5, $this->send('PUT', '/api/jobs/named-bags', $sheet->with('price', 95.5))->get('price'));
        self::assertSame('price', $this->send('PUT', '/api/jobs/named-bags', $this->get('/api/jobs/named-bags')->with('price', -1), 422)->string('path'));
    }

    public function testAPlanIsWrittenWithoutTheApp(): void
    {
        $folder = \sys_get_temp_dir().'/uvret-press-'.\bin2hex(\random_bytes(6));
        \mkdir($folder);
        [$status] = self::press("demo/designs/regatta-shirt.json --out=$folder/press.json");
        self::assertSame(0, $status);
        $plan = Json::of((string) \file_get_contents("$folder/press.json"));
        self::assertSame(['warm', 'tack', 'tack', 'tack', 'press', 'cover'], \array_column((array) $plan->get('steps'), 'kind'));
        self::assertSame(['ink' => 5, 'buoy' => 4, 'chalk' => 3, 'sunup' => 2], $plan->get('heats'));
        self::assertSame(['collar', 'collar', 'collar'], \array_column((array) $plan->get('distances'), 'edge'));
        [$status] = self::press("demo/designs/committee-brim.json --out=$folder/press.pdf");
        self::assertSame(0, $status);
        self::assertStringContainsString('Measure from the brim', (new Process(['pdftotext', "$folder/press.pdf", '-']))->mustRun()->getOutput());
        [$status, $said] = self::press("demo/designs/regatta-shirt.json --out=$folder/press.txt");
        self::assertSame(1, $status);
        self::assertStringContainsString('must end in .json or .pdf', (string) \preg_replace('/\s+/', ' ', $said));
        [$status, $said] = self::press('nowhere.json');
        self::assertSame(1, $status);
        self::assertStringContainsString('There is no file nowhere.json', $said);
        \array_map(\unlink(...), \glob("$folder/*") ?: []);
        \rmdir($folder);
    }

    /** @return array{int, string} */
    private static function press(string $arguments): array
    {
        \exec('cd '.\dirname(__DIR__, 2)." && bin/console uvret:press $arguments 2>&1", $said, $status);

        return [$status, \implode(' ', $said)];
    }

    private function text(string $path): string
    {
        $this->client->request('GET', $path);
        self::assertResponseIsSuccessful();
        $read = new Process(['pdftotext', '-layout', '-', '-'], input: (string) $this->client->getResponse()->getContent());

        return $read->mustRun()->getOutput();
    }

    private function layout(string $film): Json
    {
        foreach ($this->get('/api/layouts')->data() as $one) {
            if ($film === ((array) $one)['film']) {
                return new Json((array) $one);
            }
        }
        self::fail("Nothing is laid out on $film.");
    }
}
