<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Uvret\App\Entity\Job;

/** All jobs. */
final readonly class Jobs
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @throws NotFoundHttpException if there is no such job */
    public function get(string $id): Job
    {
        return $this->entities->find(Job::class, $id) ?? throw new NotFoundHttpException('There is no such job. Go back to the rail.');
    }

    /**
     * A job to change, if its version is still the one seen; increases the version.
     *
     * @throws NotFoundHttpException   if there is no such job
     * @throws OptimisticLockException if it was changed since
     */
    public function at(string $id, int $version): Job
    {
        $job = $this->get($id);
        // Checked and increased in one statement, so that only one of two writers succeeds.
        $raised = $this->entities->getConnection()->executeStatement('UPDATE job SET version = version + 1 WHERE id = ? AND version = ?', [$id, $version]);
        if (0 === $raised) {
            throw OptimisticLockException::lockFailedVersionMismatch($job, $version, $job->version);
        }
        $job->version = $version + 1;

        return $job;
    }
}
