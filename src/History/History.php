<?php

declare(strict_types=1);

namespace Uvret\App\History;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Entity\DesignStep;
use Uvret\App\Entity\JobDesign;

/** History of a design: a step per change, with unlimited undo and redo. */
final readonly class History
{
    /** Consecutive changes of the same thing within this time are one step, in seconds. */
    private const TOGETHER = 3;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
    ) {
    }

    /** Stores a changed document as a step after the current one. */
    public function record(JobDesign $design, string $document, string $change): DesignStep
    {
        $now = new \DateTimeImmutable();
        $current = $this->step($design, $design->step);
        $last = $this->lastNumber($design);
        $together = null !== $current
            && null === $current->name
            && $current->number !== $design->approved()?->step
            && $current->number === $last
            && $current->number > 1
            && '' !== $change && $current->change === $change
            && $now->getTimestamp() - $current->madeAt->getTimestamp() < self::TOGETHER;
        if ($together) {
            $current->change($document, $now);
        } else {
            $current = new DesignStep($design, $last + 1, $design->step, $change, $document, $now);
            $this->entities->persist($current);
            $design->step = $last + 1;
        }
        $design->document = $document;
        $design->savedAt = $now;

        return $current;
    }

    /** Goes back to the previous step. Returns false at the beginning. */
    public function undo(JobDesign $design): bool
    {
        $parent = $this->step($design, $design->step)?->parent;

        return null !== $parent && $this->goTo($design, $parent);
    }

    /** Goes on to the latest step made from the current one. Returns false if there is none. */
    public function redo(JobDesign $design): bool
    {
        $next = $this->entities->getRepository(DesignStep::class)->findOneBy(['design' => $design, 'parent' => $design->step], ['number' => 'DESC']);

        return null !== $next && $this->goTo($design, $next->number);
    }

    /** Goes to any step. Returns false if there is no such step. */
    public function goTo(JobDesign $design, int $number): bool
    {
        $step = $this->step($design, $number);
        if (null === $step) {
            return false;
        }
        $design->document = $step->document;
        $design->step = $step->number;
        $design->savedAt = new \DateTimeImmutable();

        return true;
    }

    public function canUndo(JobDesign $design): bool
    {
        return ($this->step($design, $design->step)->parent ?? 0) > 0;
    }

    public function canRedo(JobDesign $design): bool
    {
        return $this->entities->getRepository(DesignStep::class)->count(['design' => $design, 'parent' => $design->step]) > 0;
    }

    /**
     * Without their documents, which may be long.
     *
     * @return list<array{number: int, parent: int, name: string|null, made_at: string, hash: string}> the latest first
     */
    public function steps(JobDesign $design): array
    {
        /** @var list<array{number: int, parent: int, name: string|null, made_at: string, hash: string}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT number, parent, name, made_at, hash FROM design_step WHERE design_id = ? ORDER BY number DESC',
            [$design->id],
        );

        return $rows;
    }

    /** @return array<int, int> numbers of steps by their ids, the latest first */
    public function numbers(JobDesign $design, int $most): array
    {
        /** @var array<int, int> $numbers */
        $numbers = $this->connection->fetchAllKeyValue(
            "SELECT id, number FROM design_step WHERE design_id = ? ORDER BY number DESC LIMIT $most",
            [$design->id],
        );

        return $numbers;
    }

    public function step(JobDesign $design, int $number): ?DesignStep
    {
        return $this->entities->getRepository(DesignStep::class)->findOneBy(['design' => $design, 'number' => $number]);
    }

    private function lastNumber(JobDesign $design): int
    {
        return $this->entities->getRepository(DesignStep::class)->findOneBy(['design' => $design], ['number' => 'DESC'])->number ?? 0;
    }
}
