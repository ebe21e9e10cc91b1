<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Uvret\App\Jobs\JobList;

/**
 * Lists of jobs: rows and totals straight from the tables, so that a thousand jobs take no longer than a page of them.
 *
 * @phpstan-type JobRow array{id: string, title: string, customer: string, due: string, state: string, archived: int, quantity: int}
 * @phpstan-type DesignRow array{id: string, job: string, step: int, number: int, hash: string}
 */
final readonly class JobLists
{
    /** Designs of jobs, each with its current history step. */
    private const STEPS = 'job_design d JOIN design_step s ON s.design_id = d.id AND s.number = d.step AND d.removed_at IS NULL';

    public function __construct(private Connection $connection)
    {
    }

    /**
     * @return list<JobRow>
     */
    public function jobs(JobList $list, string $find, int $from, int $most): array
    {
        [$condition, $values] = self::found($list, $find);
        /** @var list<JobRow> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT j.id, title, customer, due, state, archived_at IS NOT NULL AS archived,
             (SELECT coalesce(sum(quantity), 0) FROM item i WHERE i.job_id = j.id) AS quantity
             FROM job j WHERE $condition ORDER BY due {$list->order()}, j.id LIMIT $most OFFSET $from",
            $values,
        );

        return $rows;
    }

    public function count(JobList $list, string $find = ''): int
    {
        [$condition, $values] = self::found($list, $find);

        return self::number($this->connection->fetchOne("SELECT count(*) FROM job j WHERE $condition", $values));
    }

    /**
     * @param list<string> $jobs
     *
     * @return list<DesignRow> in the order of their jobs
     */
    public function designs(array $jobs): array
    {
        /** @var list<DesignRow> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT d.id, d.job_id AS job, s.id AS step, s.number, s.hash FROM '.self::STEPS.' WHERE d.job_id IN (?) ORDER BY d.position',
            [$jobs],
            [ArrayParameterType::STRING],
        );

        return $rows;
    }

    /**
     * Totals of the jobs to cut.
     *
     * @return array{film: int, toWeed: int} film in µm
     */
    public function toCut(): array
    {
        $row = $this->connection->fetchNumeric(
            'SELECT coalesce(sum(q.quantity * k.film), 0), coalesce(sum(q.quantity * k.to_weed), 0) FROM job j
             JOIN (SELECT job_id, sum(quantity) AS quantity FROM item GROUP BY job_id) q ON q.job_id = j.id
             JOIN '.self::STEPS." AND d.job_id = j.id JOIN step_summary k ON k.step_id = s.id WHERE j.archived_at IS NULL AND j.state = 'to cut'",
        );

        return ['film' => self::number($row[0] ?? 0), 'toWeed' => self::number($row[1] ?? 0)];
    }

    /** @return array<string, int> number of each blank to press */
    public function toPress(): array
    {
        /** @var array<string, int|string> $rows */
        $rows = $this->connection->fetchAllKeyValue("SELECT blank, sum(quantity) FROM item i JOIN job j ON j.id = i.job_id
             WHERE j.archived_at IS NULL AND j.state = 'to press' GROUP BY blank ORDER BY min(j.due), min(i.id)");

        return \array_map(self::number(...), $rows);
    }

    /** @return array{string, array<string, string>} condition and its parameters */
    private static function found(JobList $list, string $find): array
    {
        $words = \mb_strtolower(\trim($find));
        if ('' === $words) {
            return [$list->condition(), []];
        }

        return [
            "{$list->condition()} AND (instr(small_letters(title || ' ' || customer || ' ' || state), :find) > 0 OR EXISTS (
             SELECT 1 FROM ".self::STEPS.' JOIN step_summary k ON k.step_id = s.id WHERE d.job_id = j.id AND instr(k.words, :find) > 0))',
            ['find' => $words],
        ];
    }

    private static function number(mixed $value): int
    {
        return \is_numeric($value) ? (int) $value : 0;
    }
}
