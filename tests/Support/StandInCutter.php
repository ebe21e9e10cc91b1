<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Symfony\Component\Process\Process;

/** The stand-in cutter as a process, at ports of its own, to be loaded, killed and started again. */
final class StandInCutter
{
    private ?Process $process = null;

    public int $port = 0;

    public int $panel = 0;

    private readonly string $memory;

    /** @param float $pace how many times as fast as a real one; 0 for as fast as it can */
    public function __construct(private readonly float $pace)
    {
        $this->memory = \sys_get_temp_dir().'/uvret-cutter-'.\bin2hex(\random_bytes(6)).'.json';
        $this->start();
    }

    public function start(): void
    {
        $root = \dirname(__DIR__, 2);
        $this->process = new Process([
            'node', "$root/stand-ins/cutter/cutter.mjs", '--journal',
            "--port=$this->port", "--panel=$this->panel", "--memory=$this->memory", "--pace=$this->pace",
        ], timeout: null);
        $this->process->start();
        $this->process->waitUntil(static fn (string $type, string $said): bool => Process::OUT === $type && \str_contains($said, 'port'));
        $ports = Json::of($this->process->getOutput());
        [$this->port, $this->panel] = [$ports->int('port'), $ports->int('panel')];
    }

    public function kill(): void
    {
        $this->process?->stop(0, \SIGKILL);
    }

    /** What it does to be found by the application. */
    public function announce(): void
    {
        foreach (['UVRET_CUTTER' => $this->port, 'UVRET_CUTTER_PANEL' => $this->panel] as $name => $port) {
            $_ENV[$name] = $_SERVER[$name] = "127.0.0.1:$port";
            \putenv("$name=127.0.0.1:$port");
        }
    }

    /** @param array<string, mixed> $values */
    public function press(string $button, array $values = []): Json
    {
        $context = \stream_context_create(['http' => ['method' => 'POST', 'content' => (string) new Json($values)]]);

        return Json::of((string) \file_get_contents("http://127.0.0.1:$this->panel/do/$button", context: $context));
    }

    public function load(string $film, string $name): void
    {
        $this->press('load', ['id' => $film, 'name' => $name, 'width' => 500, 'left' => 5_000, 'side' => 'carrier down']);
    }

    /** @return list<array{float, float}> where each stroke began that it has carried out in all its life, in mm */
    public function journal(): array
    {
        /** @var list<array{float, float}> $journal */
        $journal = Json::of((string) \file_get_contents($this->memory))->get('journal');

        return $journal;
    }

    public function end(): void
    {
        $this->kill();
        if (\is_file($this->memory)) {
            \unlink($this->memory);
        }
    }
}
