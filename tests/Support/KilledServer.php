<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Symfony\Component\Process\Process;

/** The web server of the tests' shop as a process of its own, to be killed and started again. */
final class KilledServer
{
    private readonly int $port;

    private ?Process $process = null;

    /** @param array<string, string> $environment */
    public function __construct(private readonly array $environment)
    {
        $free = \stream_socket_server('tcp://127.0.0.1:0');
        \assert(\is_resource($free));
        $this->port = (int) \substr((string) \strrchr((string) \stream_socket_get_name($free, false), ':'), 1);
        \fclose($free);
        $this->start();
    }

    public function start(): void
    {
        $root = \dirname(__DIR__, 2);
        $this->process = new Process(
            [\PHP_BINARY, '-q', '-S', "127.0.0.1:$this->port", '-t', "$root/public", "$root/public/index.php"],
            env: ['PHP_CLI_SERVER_WORKERS' => false, ...$this->environment],
            timeout: null,
        );
        $this->process->start();
    }

    public function kill(): void
    {
        $this->process?->stop(0, \SIGKILL);
    }

    /** The status that it answers with; 0 if it does not answer. */
    public function asked(string $method, string $path): int
    {
        $context = \stream_context_create(['http' => ['method' => $method, 'ignore_errors' => true, 'timeout' => 20]]);
        if (false === @\file_get_contents("http://127.0.0.1:$this->port$path", false, $context)) {
            return 0;
        }

        return 1 === \preg_match('/ (\d{3}) /', $http_response_header[0] ?? '', $status) ? (int) $status[1] : 0;
    }
}
