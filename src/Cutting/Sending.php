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
 * Sends a cut to the cutter and survives interruptions: the cutter's counters say what it has received and executed, so the next worker
 * continues in the middle of the stream, or, after a power cut, with the ring at which the cutter stopped.
 */
final readonly class Sending
{
    /** Bytes queued at the cutter at most, so that a pause takes effect soon. */
    private const AHEAD = 1_500;

    /** Time for bytes in transit to arrive, in µs. */
    private const SETTLED = 200_000;

    /** Polling interval in µs. */
    private const PAUSE = 80_000;

    /** A worker active within this many seconds keeps the cut. */
    private const FRESH = 1.5;

    public function __construct(
        private CutRuns $runs,
        private Watching $watching,
        private PeopleAtWork $people,
        #[Autowire('%env(UVRET_CUTTER)%')]
        private string $address,
    ) {
    }

    /** Runs until the cut is finished or cancelled. */
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

    /** Whether this worker was silent for so long that another may have taken over. */
    private static function isStale(CutRun $run): bool
    {
        return !$run->state->isOver() && \microtime(true) - $run->seen > self::FRESH;
    }

    /** Waits while another worker is on this or another cut, or was until a moment ago. */
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
            // What was queued at the cutter is lost; what it had executed is cut.
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
            // The last worker stopped in the middle of a ring.
            $sent += $line->send(\substr($stream, $sent, $instructions->ringEnd($run->from, $sent) - $sent));
        }
        while (!$run->state->isOver() && !self::isStale($run)) {
            $wanted = $this->runs->wanted($run->id);
            $executed = $this->look($run, $instructions, $line);
            if ('cancel' === $wanted) {
                $line->abort();
                // A started film is fed out, so that nothing is cut over it; a mat stays.
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
     * Updates the progress.
     *
     * @return int bytes of the stream executed
     *
     * @throws CutterGone if it was switched off in between
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
     * Bytes in transit from a dead worker have arrived by now.
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
