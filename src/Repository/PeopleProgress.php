<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Uvret\App\Entity\PersonState;

/** States of the pieces of people on the jobs' lists. */
final readonly class PeopleProgress
{
    public function __construct(private Connection $connection)
    {
    }

    /** @return array<string, PersonState> of those who are no longer to be cut */
    public function of(string $job): array
    {
        /** @var array<string, string> $rows */
        $rows = $this->connection->fetchAllKeyValue('SELECT person, state FROM person_progress WHERE job_id = ?', [$job]);

        return \array_map(static fn (string $state): PersonState => PersonState::from($state), $rows);
    }

    /** @return array<string, \DateTimeImmutable> since when they are so */
    public function times(string $job): array
    {
        /** @var array<string, string> $rows */
        $rows = $this->connection->fetchAllKeyValue('SELECT person, at FROM person_progress WHERE job_id = ?', [$job]);

        return \array_map(static fn (string $at): \DateTimeImmutable => new \DateTimeImmutable($at), $rows);
    }

    /** @param list<string> $people */
    public function set(string $job, array $people, PersonState $state, ?\DateTimeImmutable $at = null): void
    {
        if (PersonState::ToCut === $state) {
            $this->connection->executeStatement(
                'DELETE FROM person_progress WHERE job_id = ? AND person IN (?)',
                [$job, $people],
                [1 => ArrayParameterType::STRING],
            );

            return;
        }
        foreach ($people as $person) {
            $this->connection->executeStatement(
                'INSERT INTO person_progress (job_id, person, state, at) VALUES (?, ?, ?, ?)
                 ON CONFLICT (job_id, person) DO UPDATE SET state = excluded.state, at = excluded.at',
                [$job, $person, $state->value, ($at ?? new \DateTimeImmutable())->format('Y-m-d H:i:s')],
            );
        }
    }

    /**
     * Number of people of some jobs' lists, by state.
     *
     * @param list<string> $jobs
     *
     * @return array<string, array<string, int>> by job, then by state
     */
    public function counts(array $jobs): array
    {
        /** @var list<array{job: string, state: string, count: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT r.job_id AS job, coalesce(p.state, 'to cut') AS state, count(*) AS count
             FROM job_roster r JOIN json_each(r.document, '$.people') e
             LEFT JOIN person_progress p ON p.job_id = r.job_id AND p.person = json_extract(e.value, '$.id')
             WHERE r.job_id IN (?) AND json_extract(e.value, '$.values') <> '{}' GROUP BY r.job_id, 2",
            [$jobs],
            [ArrayParameterType::STRING],
        );
        $counts = [];
        foreach ($rows as $row) {
            $counts[$row['job']][$row['state']] = $row['count'];
        }

        return $counts;
    }
}
