<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

/** Connection to a cutter: HP-GL out, replies back (HP-GL's O… instructions and its device control, ESC . and a letter). */
final class CutterLine
{
    private const PATIENCE = 3.0;

    /** @var resource */
    private $socket;

    private string $heard = '';

    private function __construct(string $address)
    {
        $socket = @\stream_socket_client("tcp://$address", $number, $why, self::PATIENCE);
        if (false === $socket) {
            throw CutterGone::cannotBeReached($address);
        }
        \stream_set_blocking($socket, false);
        $this->socket = $socket;
    }

    /** @throws CutterGone */
    public static function to(string $address): self
    {
        return new self($address);
    }

    /**
     * Waits while the cutter's buffer is full.
     *
     * @return int bytes sent
     *
     * @throws CutterGone
     */
    public function send(string $bytes): int
    {
        for ($left = $bytes; '' !== $left;) {
            $sent = @\fwrite($this->socket, $left);
            if (false === $sent || (0 === $sent && \feof($this->socket))) {
                throw CutterGone::lineLost();
            }
            $left = \substr($left, $sent);
            if (0 === $sent) {
                $write = [$this->socket];
                $none = null;
                @\stream_select($none, $write, $none, 0, 50_000);
            }
        }

        return \strlen($bytes);
    }

    /** @throws CutterGone */
    public function counters(): Counters
    {
        return new Counters(...\array_map(\intval(...), \array_pad(\explode(',', $this->ask("\e.C")), 3, '0')));
    }

    /** Whether the cutter stopped by itself. */
    public function isStopped(): bool
    {
        return 0 !== ((int) $this->ask("\e.O") & 32);
    }

    /** @return array{int, int} knife position in HP-GL units */
    public function position(): array
    {
        [$x, $y] = \array_map(\intval(...), \array_pad(\explode(',', $this->ask('OA;')), 2, '0'));

        return [$x, $y];
    }

    /** Discards what is not executed yet. */
    public function abort(): void
    {
        $this->send("\e.K");
    }

    /** @throws CutterGone if there is no reply */
    private function ask(string $question): string
    {
        $this->send($question);
        $until = \microtime(true) + self::PATIENCE;
        while (false === ($end = \strpos($this->heard, "\r\n"))) {
            $read = [$this->socket];
            $none = null;
            if (\microtime(true) > $until || (0 !== @\stream_select($read, $none, $none, 0, 50_000) && \feof($this->socket))) {
                throw CutterGone::lineLost();
            }
            $this->heard .= (string) \fread($this->socket, 8_192);
        }
        $answer = \substr($this->heard, 0, $end);
        $this->heard = \substr($this->heard, $end + 2);

        return $answer;
    }
}
