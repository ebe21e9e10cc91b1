<?php

declare(strict_types=1);

namespace Uvret\App\Summary;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Monolog\Attribute\WithMonologChannel;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Uvret\App\Api\DraftReader;
use Uvret\App\Entity\DesignStep;
use Uvret\Design\DesignException;
use Uvret\Geometry\Unit;
use Uvret\Plan\Plan;

/**
 * Summaries of history steps, computed once and stored; valid as long as document and code are the same.
 */
#[WithMonologChannel('uvret')]
final readonly class Summaries
{
    private const FIELDS = ['name', 'blank', 'size', 'placement', 'across', 'down', 'width', 'height', 'films', 'snags', 'unreadable'];

    public function __construct(
        private Connection $connection,
        private DraftReader $drafts,
        private LoggerInterface $logger,
        #[Autowire('%uvret.code%')] private string $code,
    ) {
    }

    /** Stores the summary of a step just saved. */
    public function keep(DesignStep $step, Plan $plan): void
    {
        $this->write((int) $step->id, $step->hash, Summary::of($plan));
    }

    /**
     * By step id, without pictures; missing ones are computed.
     *
     * @param list<int> $steps
     *
     * @return array<int, Summary> by the steps' ids
     */
    public function of(array $steps): array
    {
        $found = $this->kept($steps);
        foreach (\array_diff($steps, \array_keys($found)) as $missing) {
            $found[$missing] = $this->workOut($missing);
        }

        return $found;
    }

    /** The picture of a step as an SVG document; null if the step is not there or can't be read. */
    public function picture(int $step): ?string
    {
        $this->of([$step]);
        $picture = $this->connection->fetchOne('SELECT picture FROM step_summary WHERE step_id = ?', [$step]);

        return \is_string($picture) && '' !== $picture ? $picture : null;
    }

    /** Computes missing summaries of designs of jobs in a state, or of all jobs on the rail. Returns their number. */
    public function complete(string $state = ''): int
    {
        /** @var list<int> $steps */
        $steps = $this->connection->fetchFirstColumn(
            "SELECT s.id FROM job j JOIN job_design d ON d.job_id = j.id JOIN design_step s ON s.design_id = d.id AND s.number = d.step
             LEFT JOIN step_summary k ON k.step_id = s.id AND k.document = s.hash AND k.code = :code
             WHERE k.step_id IS NULL AND d.removed_at IS NULL AND (:state = '' OR (j.state = :state AND j.archived_at IS NULL))",
            ['code' => $this->code, 'state' => $state],
        );
        foreach ($steps as $step) {
            $this->workOut($step);
        }

        return \count($steps);
    }

    /**
     * @param list<int> $steps
     *
     * @return array<int, Summary>
     */
    private function kept(array $steps): array
    {
        $rows = $this->connection->fetchAllAssociative(
            'SELECT k.step_id, k.shown, k.film, k.to_weed FROM step_summary k JOIN design_step s ON s.id = k.step_id AND s.hash = k.document
             WHERE k.code = ? AND k.step_id IN (?)',
            [$this->code, $steps],
            [1 => ArrayParameterType::INTEGER],
        );
        $kept = [];
        foreach ($rows as $row) {
            /** @var array{step_id: int, shown: string, film: int, to_weed: int} $row */
            /** @var array{name: string, blank: string, size: string, placement: string, across: int, down: int, unit: string, width: int, height: int, films: list<string>, snags: int, unreadable: string|null} $shown */
            $shown = \json_decode($row['shown'], true, 8, \JSON_THROW_ON_ERROR);
            $kept[$row['step_id']] = new Summary(...[
                ...$shown,
                'unit' => Unit::from($shown['unit']),
                'filmLength' => $row['film'],
                'toWeed' => $row['to_weed'],
            ]);
        }

        return $kept;
    }

    private function workOut(int $step): Summary
    {
        $document = $this->connection->fetchOne('SELECT document FROM design_step WHERE id = ?', [$step]);
        $document = \is_string($document) ? $document : '';
        try {
            $summary = Summary::of($this->drafts->draft($document)->plan);
        } catch (DesignException $e) {
            $summary = Summary::unreadable($document, $e->getMessage());
        } catch (\Throwable $e) {
            // A design that fails does not affect the others.
            $this->logger->error(\sprintf(
                'Step %d of a design can\'t be worked out: %s: %s at %s:%d',
                $step,
                $e::class,
                $e->getMessage(),
                $e->getFile(),
                $e->getLine(),
            ));
            $summary = Summary::unreadable($document, 'It can’t be worked out; the log says why (bin/console uvret:log).');
        }
        $hash = DesignStep::hashOf($document);
        $this->connection->executeStatement('UPDATE design_step SET hash = ? WHERE id = ? AND hash <> ?', [$hash, $step, $hash]);
        $this->write($step, $hash, $summary);

        return $summary;
    }

    private function write(int $step, string $document, Summary $summary): void
    {
        $shown = \array_intersect_key(\get_object_vars($summary), \array_flip(self::FIELDS)) + ['unit' => $summary->unit->value];
        $this->connection->executeStatement(
            'INSERT INTO step_summary (step_id, document, code, shown, words, picture, film, to_weed)
             VALUES (?, ?, ?, ?, ?, ?, ?, ?)
             ON CONFLICT (step_id) DO UPDATE SET document = excluded.document, code = excluded.code, shown = excluded.shown,
                 words = excluded.words, picture = excluded.picture, film = excluded.film, to_weed = excluded.to_weed',
            [
                $step,
                $document,
                $this->code,
                \json_encode($shown, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
                $summary->words,
                $summary->picture,
                $summary->filmLength,
                $summary->toWeed,
            ],
        );
    }
}
