<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Uvret\App\Entity\CutRun;
use Uvret\App\Entity\CutState;
use Uvret\App\Names\PeopleAtWork;
use Uvret\App\Repository\CutRuns;
use Uvret\Cut\File\HpglFile;

/**
 * Sends a cut to the cutter, whatever happens on the way: the cutter's own counters tell what it has taken in and carried out, so whoever
 * comes next goes on in the middle of the stream; after a power cut with the ring at which it stopped.
 */
final readonly class Sending
{
    /** No more than this waits at the cutter, so that a pause comes soon, in bytes. */
    private const AHEAD = 1_500;

    /** What is on its way arrives within this, in µs. */
    private const SETTLED = 200_000;

    /** Between two looks, in µs. */
    private const PAUSE = 80_000;

    /** Another worker sees to it if it did so since, in seconds. */
    private const FRESH = 1.5;

    public function __construct(
        private CutRuns $runs,
        private Watching $watching,
        private PeopleAtWork $people,
        #[Autowire('%env(UVRET_CUTTER)%')]
        private string $address,
    ) {
    }

    /** Until it is cut or cancelled. */
    public function send(string $id): void
    {
        $run = $this->claimed($id);
        if ($run->state->isOver()) {
            return;
        }
        $instructions = Instructions::fromJson($run->instructions);
        while (!$run->state->isOver()) {
            try {
                $this->go($run, $instructions);
            } catch (CutterGone $gone) {
                $this->note($run, 'cancel' === $this->runs->wanted($id) ? CutState::Cancelled : CutState::Waiting, $gone->getMessage());
                \usleep(5 * self::PAUSE);
            }
            if (self::isStale($run)) {
                $run = $this->claimed($id);
            }
        }
    }

    /** Whether nobody heard of the worker for so long that another one may have gone on. */
    private static function isStale(CutRun $run): bool
    {
        return !$run->state->isOver() && \microtime(true) - $run->seen > self::FRESH;
    }

    /** Another worker may see to it, or to another cut, or have done so until a moment ago: until then it waits. */
    private function claimed(string $id): CutRun
    {
        while ($this->runs->isKnown($id) && !$this->runs->claim($id, \microtime(true), \microtime(true) - self::FRESH)) {
            \usleep(self::PAUSE + \random_int(0, self::PAUSE));
        }

        return $this->runs->fresh($id);
    }

    /** @throws CutterGone */
    private function go(CutRun $run, Instructions $instructions): void
    {
        $line = CutterLine::to($this->address);
        $counters = $this->settled($line);
        if (null !== $run->base && $run->starts !== $counters->starts) {
            // What waited when it was switched off is gone; what it had carried out is cut.
            $run->done = $instructions->cut($run->from, $counters->executed - $run->base);
            $run->base = null;
        }
        if (null === $run->base) {
            [$run->from, $run->base, $run->starts] = [$run->done, $counters->accepted, $counters->starts];
            $this->watching->begin($run);
            $this->runs->keep($run);
        }
        $stream = $instructions->stream($run->from);
        $sent = $counters->accepted - $run->base;
        if ($sent > 0 && ';' !== $stream[$sent - 1]) {
            // Whoever sent it last ended in the middle of a ring.
            $sent += $line->send(\substr($stream, $sent, $instructions->ringEnd($run->from, $sent) - $sent));
        }
        while (!$run->state->isOver() && !self::isStale($run)) {
            $wanted = $this->runs->wanted($run->id);
            $executed = $this->look($run, $instructions, $line);
            if ('cancel' === $wanted) {
                $line->abort();
                // What was begun is fed out, so that nothing is cut over it; a mat stays.
                if ($instructions->feeds()) {
                    $line->send('PG;');
                }
                $this->note($run, CutState::Cancelled, '');
            } elseif ($executed >= \strlen($stream)) {
                $this->runs->finish($run, fn () => $this->people->afterCut($run->film, $run->pieces()));
            } elseif ($line->isStopped()) {
                $this->note($run, CutState::Stopped, 'The cutter has stopped. See to it, then let it go on at its panel.');
            } else {
                $paused = 'pause' === $wanted;
                while (!$paused && $sent < \strlen($stream) && $sent - $executed < self::AHEAD) {
                    $sent += $line->send(\substr($stream, $sent, $instructions->ringEnd($run->from, $sent) - $sent));
                }
                $this->note($run, $paused ? CutState::Paused : CutState::Cutting, '');
            }
            \usleep(self::PAUSE);
        }
    }

    /**
     * Sees how far it is.
     *
     * @return int how many bytes of the stream are carried out
     *
     * @throws CutterGone where it was switched off in between
     */
    private function look(CutRun $run, Instructions $instructions, CutterLine $line): int
    {
        $counters = $line->counters();
        if ($counters->starts !== $run->starts) {
            throw CutterGone::lineLost();
        }
        $executed = $counters->executed - (int) $run->base;
        $run->done = $instructions->cut($run->from, $executed);
        $this->watching->look($run, $instructions);
        [$along, $across] = $line->position();
        [$run->along, $run->across] = [HpglFile::UNIT * $along - HpglFile::EDGE, HpglFile::UNIT * $across - HpglFile::EDGE];

        return $executed;
    }

    /**
     * What was on its way from a worker that is gone has arrived.
     *
     * @throws CutterGone
     */
    private function settled(CutterLine $line): Counters
    {
        $counters = $line->counters();
        do {
            $before = $counters;
            \usleep(self::SETTLED);
            $counters = $line->counters();
        } while ($counters->accepted !== $before->accepted);

        return $counters;
    }

    private function note(CutRun $run, CutState $state, string $reason): void
    {
        [$run->state, $run->reason] = [$state, $reason];
        $this->runs->keep($run);
    }
}
