<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobRoster;
use Uvret\Roster\Roster;

/** The lists of names of all jobs. */
final readonly class Rosters
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** The stored list of a job; an empty one of version 0 if there is none. */
    public function of(Job $job): JobRoster
    {
        return $this->entities->find(JobRoster::class, $job->id) ?? new JobRoster($job, self::json(Roster::empty()), 0);
    }

    /**
     * @param int $version last seen by the user
     *
     * @throws OptimisticLockException if it was changed since; nothing is saved
     */
    public function save(Job $job, Roster $roster, int $version): JobRoster
    {
        $connection = $this->entities->getConnection();
        $json = self::json($roster);
        // Checked and increased in one statement, so that only one of two writers succeeds.
        $written = 0 === $version
            ? $connection->executeStatement('INSERT OR IGNORE INTO job_roster (job_id, document, version) VALUES (?, ?, 1)', [$job->id, $json])
            : $connection->executeStatement(
                'UPDATE job_roster SET document = ?, version = version + 1 WHERE job_id = ? AND version = ?',
                [$json, $job->id, $version],
            );
        $kept = $this->of($job);
        if ($this->entities->contains($kept)) {
            $this->entities->refresh($kept);
        }
        if (0 === $written) {
            throw OptimisticLockException::lockFailedVersionMismatch($kept, $version, $kept->version);
        }

        return $kept;
    }

    private static function json(Roster $roster): string
    {
        return \json_encode($roster->toDocument(), \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
    }
}
