<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Uvret\Tests\Support\Json;

/** The server is killed a hundred times while it saves: what it called saved is there afterwards. */
#[Group('slow')]
final class KilledServerTest extends TestCase
{
    private const KILLS = 100;
    private const DESIGN = '/api/designs/kit-bag-ottilie';

    private string $database;

    private int $port;

    protected function setUp(): void
    {
        $free = \stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($free);
        $this->port = (int) \substr((string) \strrchr((string) \stream_socket_get_name($free, false), ':'), 1);
        \fclose($free);
        $this->database = \dirname(__DIR__, 2).'/var/killed.sqlite';
        \array_map(unlink(...), \glob($this->database.'*') ?: []);
        foreach (['doctrine:migrations:migrate --no-interaction', 'uvret:demo'] as $command) {
            \exec("UVRET_DATABASE=$this->database APP_ENV=prod ".\dirname(__DIR__, 2)."/bin/console $command --quiet", $output, $status);
            self::assertSame(0, $status, \implode(' ', $output));
        }
    }

    /** @var resource|null the one that runs, or the last one that was killed */
    private $server;

    /** A server that a failed test leaves would answer the next one. */
    protected function tearDown(): void
    {
        if (\is_resource($this->server)) {
            \proc_terminate($this->server, \SIGKILL);
            \proc_close($this->server);
        }
    }

    public function testNothingThatWasCalledSavedIsLost(): void
    {
        $count = 0;
        $save = 0.04;
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(3));
        for ($kill = 0; $kill < self::KILLS; ++$kill) {
            $server = $this->start();
            $found = Json::of($this->request('GET', '') ?? '{}');
            $words = $found->string('document.lines.0.lettering.words');
            // What was answered is there; what was under way when the server was killed may be.
            self::assertContains($words, [0 === $count ? 'Ottilie' : "Crew $count", 'Crew '.($count + 1)], "after kill $kill");
            $count = 'Ottilie' === $words ? 0 : (int) \substr($words, 5);

            // Saves one after another until the server is killed at some moment.
            $end = \microtime(true) + $save * $random->getInt(30, 250) / 100;
            $version = $found->int('version');
            do {
                $next = $count + 1;
                $body = new Json([
                    'version' => $version,
                    'document' => $found->with('document.lines.0.lettering.words', "Crew $next")->get('document'),
                    'change' => '',
                ]);
                $start = \microtime(true);
                $answer = $this->request('PUT', (string) $body, $server, $end);
                if (null !== $answer) {
                    // So that kills meet all moments of a save, however fast the machine is.
                    $save = 0.8 * $save + 0.2 * (\microtime(true) - $start);
                    $version = Json::of($answer)->int('version');
                    $count = $next;
                }
            } while (null !== $answer && \microtime(true) < $end);
            // Without an answer it took longer than it was given.
            $save = null === $answer ? \min(0.5, 1.05 * $save) : $save;
            \proc_terminate($server, \SIGKILL);
            \proc_close($server);
        }
        self::assertGreaterThan(self::KILLS / 4, $count, 'something was saved between the kills');
    }

    /** @return resource */
    private function start()
    {
        $root = \dirname(__DIR__, 2);
        $environment = ['UVRET_DATABASE' => $this->database, 'APP_ENV' => 'prod', 'APP_DEBUG' => '0', 'PATH' => (string) \getenv('PATH')];
        $server = \proc_open(
            [\PHP_BINARY, '-q', '-S', '127.0.0.1:'.$this->port, '-t', "$root/public", "$root/public/index.php"],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            $root,
            $environment,
        );
        self::assertIsResource($server);
        $this->server = $server;
        for ($tries = 0; $tries < 200; ++$tries) {
            $socket = @\fsockopen('127.0.0.1', $this->port, $code, $message, 0.2);
            if (false !== $socket) {
                \fclose($socket);

                return $server;
            }
            \usleep(10000);
        }
        self::fail('The server does not start.');
    }

    /**
     * The answer, or null if none came. With a server and a time, the server is killed at that time
     * while the request is under way.
     *
     * @param non-empty-string $method
     * @param resource|null    $server
     */
    private function request(string $method, string $body, $server = null, ?float $kill = null): ?string
    {
        $curl = \curl_init("http://127.0.0.1:$this->port".self::DESIGN);
        \curl_setopt_array($curl, [\CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_POSTFIELDS => $body, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_TIMEOUT => 20]);
        $multi = \curl_multi_init();
        \curl_multi_add_handle($multi, $curl);
        $killed = false;
        do {
            \curl_multi_exec($multi, $running);
            if (null !== $server && null !== $kill && !$killed && \microtime(true) >= $kill) {
                \proc_terminate($server, \SIGKILL);
                $killed = true;
            }
            \curl_multi_select($multi, 0.002);
        } while ($running > 0);

        // An answer that was cut off is none: nothing was called saved.
        $done = \curl_multi_info_read($multi);
        $whole = \is_array($done) && \CURLE_OK === $done['result'];

        return $whole && 200 === \curl_getinfo($curl, \CURLINFO_HTTP_CODE) ? \curl_multi_getcontent($curl) : null;
    }
}
