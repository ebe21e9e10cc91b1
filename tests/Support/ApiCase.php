<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Uvret\App\Demo\DemoShop;

/** Tests that ask the server of a fresh demo shop. */
abstract class ApiCase extends WebTestCase
{
    protected KernelBrowser $client;

    protected function setUp(): void
    {
        // Fonts that an earlier test put in are gone.
        foreach (\glob(\dirname(__DIR__, 2).'/var/test-fonts/*') ?: [] as $font) {
            \unlink($font);
        }
        $this->client = self::createClient([], ['HTTP_HOST' => '127.0.0.1:8420']);
        $demo = self::getContainer()->get(DemoShop::class);
        self::assertInstanceOf(DemoShop::class, $demo);
        $demo->load(true);
    }

    protected function get(string $path): Json
    {
        return $this->send('GET', $path);
    }

    /** @param array<mixed>|Json|string $body */
    protected function send(string $method, string $path, array|Json|string $body = [], int $status = 200): Json
    {
        $this->client->request($method, $path, content: \is_array($body) ? (string) new Json($body) : (string) $body);
        self::assertResponseStatusCodeSame($status);

        return Json::of((string) $this->client->getResponse()->getContent());
    }

    /** Saves an opened design, from the version that it was opened in. */
    protected function put(Json $opened, int $status = 200, string $change = ''): Json
    {
        return $this->send(
            'PUT',
            '/api/designs/'.$opened->string('id'),
            ['version' => $opened->int('version'), 'document' => $opened->get('document'), 'change' => $change],
            $status,
        );
    }
}
