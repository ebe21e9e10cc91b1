<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;

/** Blanks are measured, sizes worked out between two, and what film does not hold on is told of. */
final class BlanksTest extends ApiCase
{
    public function testABlankIsMeasuredAndItsSizesBetweenAreWorkedOut(): void
    {
        $asked = $this->get('/api/drawings/pouch/measures');
        self::assertSame(['width', 'height', 'zip'], \array_column($asked->data(), 'name'));
        $measured = fn (string $size, int $by): Json => $this->send('POST', '/api/drawings/pouch/measured', [
            'size' => $size,
            'measures' => ['width' => 200_000 + $by, 'height' => 140_000 + $by, 'zip' => 8_000],
        ]);
        [$small, $large] = [$measured('Small', 0), $measured('Huge', 120_000)];
        self::assertSame([140_000, 67_000, 33_000], [
            $small->int('placements.0.width'),
            $small->int('placements.0.height') - 15_000,
            $small->int('placements.0.down'),
        ]);
        $blank = ['id' => 'new-pouch', 'name' => 'New pouch', 'drawing' => 'pouch', 'fabrics' => [['name' => 'Ash', 'colour' => '#B9B7B2']]];
        $kept = $this->send('PUT', '/api/blanks/new-pouch', ['version' => 0, 'blank' => $blank + ['sizes' => [$small->data(), $large->data()]]]);
        self::assertSame(1, $kept->int('version'));
        self::assertSame('cloth', $kept->get('blank.fabrics.0.surface') ?? 'cloth');
        $between = $this->send('POST', '/api/blanks/new-pouch/between', ['from' => 'Small', 'to' => 'Huge', 'names' => ['Medium', ' Large ']]);
        self::assertSame([['Medium', 240_000], ['Large', 280_000]], \array_map(
            static fn (mixed $size): array => [((array) $size)['size'], ((array) $size)['width']],
            $between->data(),
        ));
        foreach ([
            'to' => ['from' => 'Small', 'to' => 'Small', 'names' => ['M']],
            'from' => ['from' => 'Tiny', 'to' => 'Huge', 'names' => ['M']],
            'names' => ['from' => 'Small', 'to' => 'Huge', 'names' => ['Huge']],
        ] as $path => $body) {
            self::assertSame($path, $this->send('POST', '/api/blanks/new-pouch/between', $body, 422)->string('path'));
        }
        foreach ([[], ['M', 'M'], [''], \range(1, 11)] as $names) {
            $body = ['from' => 'Small', 'to' => 'Huge', 'names' => $names];
            self::assertSame('names', $this->send('POST', '/api/blanks/new-pouch/between', $body, 422)->string('path'));
        }
    }

    public function testAMeasureThatCanNotBeIsSaidByItsName(): void
    {
        $body = ['size' => 'M', 'measures' => ['width' => 20_000, 'height' => 140_000, 'zip' => 8_000]];
        $refused = $this->send('POST', '/api/drawings/pouch/measured', $body, 422);
        self::assertSame('width', $refused->string('path'));
        self::assertStringContainsString('can hardly be 20 mm', $refused->string('detail'));
        self::assertSame('zip', $this->send('POST', '/api/drawings/pouch/measured', ['size' => 'M', 'measures' => ['zip' => 'x']], 422)->string('path'));
        self::assertSame('width', $this->send('POST', '/api/drawings/pouch/measured', ['size' => 'M', 'measures' => (object) []], 422)->string('path'));
        $this->client->request('GET', '/api/drawings/umbrella/measures');
        self::assertResponseStatusCodeSame(404);
    }

    public function testCordsAreLaidAside(): void
    {
        $this->client->request('GET', '/api/drawings/hoodie-front.svg?colour=2B3350');
        $hanging = (string) $this->client->getResponse()->getContent();
        $this->client->request('GET', '/api/drawings/hoodie-front.svg?colour=2B3350&cords=aside');
        self::assertNotSame($hanging, (string) $this->client->getResponse()->getContent());
    }

    public function testFilmsOfTheRackThatWouldSuitAreNamed(): void
    {
        $document = $this->get('/api/designs/boatshed-pouch')->part('document');
        $coated = ['name' => 'Waxed sailcloth', 'colour' => '#8C7B4F', 'highest' => 145, 'stretch' => 'none', 'marks' => false, 'surface' => 'coated'];
        $snag = $this->snag($document->with('blank.fabric', $coated), 'film that does not suit');
        self::assertSame(['Waxed sailcloth is coated, and Sun-up does not hold on that.', 'On the rack Squall would suit.'], $snag);
        $hard = ['surface' => 'hard', 'name' => 'Glass'] + $coated;
        self::assertSame('On the rack Lantern white or Keel blue would suit.', $this->snag($document->with('blank.fabric', $hard), 'film that does not suit')[1]);
        $cool = ['surface' => 'cloth', 'highest' => 100] + $coated;
        self::assertSame(
            ['Sun-up is pressed at 150 °C; Waxed sailcloth takes 100 °C at most.', 'No film on the rack suits it: choose another fabric, or add a film.'],
            $this->snag($document->with('blank.fabric', $cool), 'film that does not suit'),
        );
    }

    public function testASeamIsCrossedWhereThatIsAllowed(): void
    {
        $document = $this->get('/api/designs/boatshed-pouch')->part('document');
        $seam = ['id' => 'own', 'kind' => 'seam', 'name' => 'middle seam', 'points' => [14_000, 0, 14_000, 170_000], 'closed' => false, 'distance' => 5_000];
        $with = $document->with('blank.keepOff', [$seam]);
        $sheet = $this->drafted($with);
        $snags = \array_column((array) $sheet->get('snags'), null, 'kind');
        $snag = new Json((array) $snags['on a place to keep off']);
        self::assertSame(['Let lettering cross the middle seam', 'own'], [$snag->get('fixes.0.say'), $snag->get('fixes.0.crosses')]);
        self::assertTrue($snag->get('blocks'));
        self::assertEqualsWithDelta(14_000, $snag->int('x'), 5_100, 'it is pinned at the seam');
        self::assertNotContains('on a place to keep off', \array_column((array) $this->drafted($with->with('blank.crossed', ['own']))->get('snags'), 'kind'));
    }

    /** @return array{string, string} what is said of it, and what cures it */
    private function snag(Json $document, string $kind): array
    {
        $snags = \array_column((array) $this->drafted($document)->get('snags'), null, 'kind');
        self::assertArrayHasKey($kind, $snags);
        $snag = new Json((array) $snags[$kind]);

        return [$snag->string('message'), $snag->string('cure')];
    }

    private function drafted(Json $document): Json
    {
        $opened = $this->get('/api/designs/boatshed-pouch')->with('document', $document->data());

        return $this->put($opened)->part('sheet');
    }
}
