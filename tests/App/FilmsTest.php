<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;

final class FilmsTest extends ApiCase
{
    public function testTheRackIsChangedByOneAtATime(): void
    {
        $rack = $this->get('/api/film-rack');
        self::assertSame('chalk', $rack->string('0.entry.film.id'));
        $chalk = $rack->part('0');
        $saved = $this->send('PUT', '/api/film-rack/chalk', $chalk->with('entry.press.seconds', 14)->with('entry.film.carries', 'nothing'));
        self::assertSame([14, 'nothing', 2], [$saved->int('entry.press.seconds'), $saved->string('entry.film.carries'), $saved->int('version')]);
        self::assertSame($saved->data(), $this->get('/api/film-rack')->part('0')->data());
        self::assertSame('nothing', $this->get('/api/films')->string('0.carries'), 'what designs take of it');
        // Changed from a version that is gone, with a wrong field, under another address: nothing is saved.
        $this->send('PUT', '/api/film-rack/chalk', $chalk, 409);
        self::assertSame('press/seconds', $this->send('PUT', '/api/film-rack/chalk', $saved->with('entry.press.seconds', 200), 422)->string('path'));
        self::assertSame('film/id', $this->send('PUT', '/api/film-rack/ink', $saved, 422)->string('path'));
        self::assertSame($saved->data(), $this->get('/api/film-rack')->part('0')->data());

        // A new one has the defaults of what is left out, and can be taken off again; the last one cannot.
        $film = [
            'id' => 'reed',
            'name' => 'Reed',
            'colour' => '#7A8B3C',
            'finish' => 'puff',
            'width' => 300_000,
            'thickness' => 400,
            'bladeSide' => 'mirrored',
        ];
        $made = $this->send('PUT', '/api/film-rack/reed', ['version' => 0, 'entry' => ['film' => $film]]);
        self::assertSame([45, 150, 'by finish'], [$made->int('entry.cut.blade'), $made->int('entry.press.temperature'), $made->string('entry.film.carries')]);
        foreach ([...\array_column(\array_column(\array_column((array) $rack->data(), 'entry'), 'film'), 'id')] as $id) {
            \assert(\is_string($id));
            $this->send('DELETE', "/api/film-rack/$id");
        }
        self::assertSame('film', $this->send('DELETE', '/api/film-rack/reed', [], 422)->string('path'));
    }

    public function testNewDesignsStartWithWhatIsUsual(): void
    {
        $usual = $this->get('/api/usual-layering');
        self::assertSame(
            ['trapped', 1_000, 'corners'],
            [$usual->string('layering.usual.kind'), $usual->int('layering.usual.width'), $usual->string('layering.marks')],
        );
        $this->send('PUT', '/api/usual-layering', ['layering' => ['usual' => ['width' => 700], 'marks' => 'pins']]);
        self::assertSame('usual/width', $this->send('PUT', '/api/usual-layering', ['layering' => ['usual' => ['width' => -1]]], 422)->string('path'));
        $job = $this->send(
            'POST',
            '/api/jobs',
            ['title' => 'Flags', 'customer' => 'Harbour Juniors', 'due' => '2027-06-04', 'blank' => 'kit-tote', 'quantity' => 1],
            201,
        );
        $design = $this->get('/api/designs/'.$job->string('designs.0.id'));
        self::assertSame(
            [700, 'pins', 'trapped'],
            [$design->int('document.layering.usual.width'), $design->string('document.layering.marks'), $design->string('document.layering.usual.kind')],
        );
        self::assertSame(1_000, $this->get('/api/designs/regatta-shirt')->int('document.layering.usual.width'), 'those that are there stay');
    }

    public function testADesignTellsHowItsFilmsMeet(): void
    {
        $opened = $this->get('/api/designs/regatta-shirt');
        $joints = (array) $opened->get('sheet.joints');
        self::assertContains(
            ['lower' => 'buoy', 'upper' => 'chalk', 'kind' => 'trapped', 'width' => 1_000, 'wanted' => 'trapped', 'safe' => 1_000, 'reason' => null],
            $joints,
        );
        $layers = (array) $opened->get('sheet.layers');
        self::assertSame(['ink', 'buoy', 'chalk', 'sunup'], \array_column($layers, 'film'));
        self::assertSame($opened->string('sheet.layers.0.marks'), $opened->string('sheet.layers.3.marks'));
        $saved = $this->put($opened->with('document.layering.joints', [['id' => 'buoy chalk', 'film' => 'buoy', 'other' => 'chalk', 'kind' => 'butted']]));
        self::assertContains('butted', \array_column((array) $saved->get('sheet.joints'), 'kind'));

        $pressed = $this->get('/api/designs/regatta-shirt/pressed');
        self::assertCount(4, (array) $pressed->get('layers'));
        self::assertGreaterThanOrEqual($pressed->int('thickest'), $pressed->int('limit'));
        // The outline is butted to the letters, and slips by nothing without a gap.
        $slip = $this->get('/api/designs/regatta-shirt/slip-test?film=chalk&distance=500&angle=0');
        self::assertSame([500, 0, 500], [$slip->int('dx'), $slip->int('dy'), $slip->int('needs')]);
        self::assertGreaterThan(10, $slip->get('bareArea'));
        self::assertSame('film', $this->send('GET', '/api/designs/regatta-shirt/slip-test?film=moss&distance=500', [], 422)->string('path'));
        self::assertSame('distance', $this->send('GET', '/api/designs/regatta-shirt/slip-test?film=chalk&distance=50000', [], 422)->string('path'));
    }

    public function testAVariantIsADesignOfItsOwn(): void
    {
        $proposals = $this->get('/api/designs/regatta-hoodie/fewer-films');
        self::assertSame(['', 3], [$proposals->string('0.say'), $proposals->int('0.films')]);
        self::assertLessThan($proposals->get('0.cost'), $proposals->get('1.cost'));
        $made = $this->send('POST', '/api/designs/regatta-hoodie/variants', ['document' => $proposals->get('1.document')], 201);
        $variant = $this->get('/api/designs/'.$made->string('id'));
        self::assertCount($proposals->int('1.films'), (array) $variant->get('sheet.layers'));
        self::assertStringEndsWith('film', $variant->string('document.name'));
        self::assertCount(3, (array) $this->get('/api/designs/regatta-hoodie')->get('sheet.layers'));
        self::assertSame(
            'name',
            $this->send(
                'POST',
                '/api/designs/regatta-hoodie/variants',
                ['document' => (new Json((array) $proposals->get('1.document')))->with('name', '')->data()],
                422,
            )->string('path'),
        );
    }

    public function testTheProofOfFormsAndMotifsIsMadeToo(): void
    {
        $this->client->request('GET', '/api/designs/crew-badge/proof.png?width=300');
        self::assertResponseIsSuccessful();
        self::assertStringStartsWith("\x89PNG", (string) $this->client->getResponse()->getContent());
    }
}
