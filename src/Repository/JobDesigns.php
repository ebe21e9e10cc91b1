<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Uvret\App\Entity\JobDesign;

/** The designs of all jobs. */
final readonly class JobDesigns
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @throws NotFoundHttpException if there is no such design */
    public function get(string $id): JobDesign
    {
        $design = $this->evenRemoved($id);

        return null === $design->removedAt
            ? $design
            : throw new NotFoundHttpException('This design was taken out of its job. It can be brought back on the job’s sheet.');
    }

    /** @throws NotFoundHttpException if there never was such a design */
    public function evenRemoved(string $id): JobDesign
    {
        return $this->entities->find(JobDesign::class, $id)
            ?? throw new NotFoundHttpException('There is no such design. It may have been removed; go back to the jobs.');
    }

    /**
     * A design to change, if its version is still the one seen.
     *
     * @throws NotFoundHttpException   if there is no such design
     * @throws OptimisticLockException if it was changed since
     */
    public function at(string $id, int $version): JobDesign
    {
        $design = $this->get($id);
        $this->entities->lock($design, LockMode::OPTIMISTIC, $version);

        return $design;
    }
}
