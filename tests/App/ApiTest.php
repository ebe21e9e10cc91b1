<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;

final class ApiTest extends ApiCase
{
    public function testASaveIsKeptAndAnswersWithTheExactResult(): void
    {
        $opened = $this->get('/api/designs/kit-bag-ottilie');
        $saved = $this->put($opened->with('document.lines.0.lettering.words', 'Henrik'));

        self::assertSame($opened->int('version') + 1, $saved->int('version'));
        $again = $this->get('/api/designs/kit-bag-ottilie');
        self::assertSame('Henrik', $again->string('document.lines.0.lettering.words'));
        self::assertSame($saved->get('sheet'), $again->get('sheet'));
        self::assertNotSame($opened->string('sheet.parts.0.path'), $saved->string('sheet.parts.0.path'));
    }

    public function testASecondWriterIsToldAndNothingIsOverwritten(): void
    {
        $opened = $this->get('/api/designs/kit-bag-ottilie');
        $this->put($opened->with('document.name', 'First'));
        $problem = $this->put($opened->with('document.name', 'Second'), 409);
        self::assertStringContainsString('another window', $problem->string('detail'));
        self::assertSame('First', $this->get('/api/designs/kit-bag-ottilie')->string('document.name'));
    }

    public function testASaveWhoseAnswerWasLostIsAnsweredAgain(): void
    {
        $opened = $this->get('/api/designs/kit-bag-ottilie')->with('document.lines.0.lettering.words', 'Henrik');
        $first = $this->put($opened);
        $again = $this->put($opened);
        self::assertSame($first->data(), $again->data());
        self::assertSame((string) \strlen((string) $this->client->getResponse()->getContent()), $this->client->getResponse()->headers->get('Content-Length'));
    }

    public function testAWrongDocumentIsRefusedWithItsPath(): void
    {
        $opened = $this->get('/api/designs/kit-bag-ottilie');
        $problem = $this->put($opened->with('document.lines.0.size.length', -5), 422);
        self::assertSame('lines/0/size/length', $problem->string('path'));
        self::assertSame($opened->data(), $this->get('/api/designs/kit-bag-ottilie')->data());
        $this->client->request('PUT', '/api/designs/kit-bag-ottilie', content: 'nonsense');
        self::assertResponseStatusCodeSame(400);
        $this->client->request('GET', '/api/designs/nowhere');
        self::assertResponseStatusCodeSame(404);
    }

    public function testUndoAndRedoGoThroughAllStepsAndBranches(): void
    {
        $words = fn (): string => $this->get('/api/designs/kit-bag-ottilie')->string('document.lines.0.lettering.words');
        $write = fn (string $text, string $change = ''): Json => $this->put(
            $this->get('/api/designs/kit-bag-ottilie')->with('document.lines.0.lettering.words', $text),
            200,
            $change,
        );
        $write('One');
        $write('Two');
        $this->post('undo');
        $this->post('undo');
        self::assertSame('Ottilie', $words());
        self::assertFalse($this->post('undo')->get('canUndo'), 'at the beginning nothing happens');
        self::assertTrue($this->post('redo')->get('canRedo'));
        self::assertSame('One', $words());

        // A change after an undo grows a branch; what was undone stays in the history.
        $write('Three');
        self::assertFalse($this->post('redo')->get('canRedo'));
        self::assertSame('Three', $words());
        $history = $this->get('/api/designs/kit-bag-ottilie/history')->data();
        self::assertSame([4, 3, 2, 1], \array_column($history, 'number'));
        self::assertSame([2, 2, 1, 0], \array_column($history, 'parent'));
        $this->post('history/3');
        self::assertSame('Two', $words());
        self::assertSame('Three', $this->get('/api/designs/kit-bag-ottilie/history/4.json')->string('lines.0.lettering.words'));
    }

    public function testTypingIsOneStepAndANamedStepStays(): void
    {
        $write = fn (string $text): Json => $this->put(
            $this->get('/api/designs/kit-bag-ottilie')->with('document.lines.0.lettering.words', $text),
            200,
            'words:name',
        );
        $write('H');
        $write('He');
        $write('Hen');
        self::assertCount(2, $this->get('/api/designs/kit-bag-ottilie/history')->data());
        $this->client->request('PUT', '/api/designs/kit-bag-ottilie/history/2/name', content: ' For the customer ');
        $write('Henrik');
        $history = $this->get('/api/designs/kit-bag-ottilie/history');
        self::assertCount(3, $history->data());
        self::assertSame('For the customer', $history->string('1.name'));
    }

    public function testAnUndoFromAnOldVersionIsToldSo(): void
    {
        $opened = $this->get('/api/designs/kit-bag-ottilie');
        $this->put($opened->with('document.name', 'First'));
        $this->client->request('POST', '/api/designs/kit-bag-ottilie/undo?version='.$opened->int('version'));
        self::assertResponseStatusCodeSame(409);
    }

    /** @param array<string, string> $headers */
    #[\PHPUnit\Framework\Attributes\DataProvider('foreign')]
    public function testForeignPagesAreRefused(array $headers): void
    {
        $this->client->request('GET', '/api/jobs', server: $headers);
        self::assertResponseStatusCodeSame(403);
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function foreign(): iterable
    {
        yield 'another host' => [['HTTP_HOST' => 'uvret.example']];
        yield 'a name that begins like ours' => [['HTTP_HOST' => '127.0.0.1.example']];
        yield 'another origin' => [['HTTP_ORIGIN' => 'http://elsewhere.example']];
        yield 'another port of this machine' => [['HTTP_ORIGIN' => 'http://127.0.0.1:9999']];
        yield 'a hidden origin' => [['HTTP_ORIGIN' => 'null']];
        yield 'a page elsewhere that embeds ours' => [['HTTP_SEC_FETCH_SITE' => 'cross-site', 'HTTP_SEC_FETCH_MODE' => 'no-cors']];
    }

    public function testOwnPagesAreServed(): void
    {
        $this->client->request('GET', '/api/jobs', server: ['HTTP_ORIGIN' => 'http://127.0.0.1:8420', 'HTTP_SEC_FETCH_SITE' => 'same-origin']);
        self::assertResponseIsSuccessful();
    }

    public function testDownloads(): void
    {
        $this->client->request('GET', '/api/designs/crew-shirt-back/blade-side/buoy.svg');
        self::assertResponseIsSuccessful();
        self::assertResponseHeaderSame('Content-Disposition', 'attachment; filename=crew-shirt-back-buoy-blade-side.svg');
        self::assertStringContainsString('id="weeding-box"', (string) $this->client->getResponse()->getContent());
        $this->client->request('GET', '/api/designs/crew-shirt-back/wear-side.svg');
        self::assertStringContainsString('fill="#E2703A"', (string) $this->client->getResponse()->getContent());
        $this->client->request('GET', '/api/designs/crew-shirt-back/blade-side/gold.svg');
        self::assertResponseStatusCodeSame(404);
    }

    private function post(string $action): Json
    {
        $version = $this->get('/api/designs/kit-bag-ottilie')->int('version');

        return $this->send('POST', "/api/designs/kit-bag-ottilie/$action?version=$version");
    }

    public function testATrialIsWorkedOutAndNotSaved(): void
    {
        $opened = $this->get('/api/designs/regatta-hoodie');
        self::assertSame($opened->get('sheet'), $this->send('POST', '/api/trials', (string) \json_encode($opened->get('document')))->data());
        $changed = $opened->with('document.lines.0.lettering.words', 'OARS');
        self::assertNotSame($opened->get('sheet.ink'), $this->send('POST', '/api/trials', (string) \json_encode($changed->get('document')))->get('ink'));
        self::assertSame($opened->get('document'), $this->get('/api/designs/regatta-hoodie')->get('document'));
        $this->send('POST', '/api/trials', '[]', 400);
        $this->send('POST', '/api/trials', (string) \json_encode($opened->with('document.lines.0.film', 'none-such')->get('document')), 422);
    }
}
