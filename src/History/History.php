<?php

declare(strict_types=1);

namespace Uvret\App\History;

use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Entity\DesignStep;
use Uvret\App\Entity\JobDesign;

/** The steps of a design: made at every change, gone back and forth between without limit. */
final readonly class History
{
    /** Changes of the same thing that follow one another within this are one step, in seconds. */
    private const TOGETHER = 3;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** Puts a changed document into the design, as a step after the one it is at. */
    public function record(JobDesign $design, string $document, string $change): void
    {
        $now = new \DateTimeImmutable();
        $current = $this->step($design, $design->step);
        $last = $this->lastNumber($design);
        $together = null !== $current && null === $current->name && $current->number !== $design->approved()?->step && $current->number === $last && $current->number > 1
            && '' !== $change && $current->change === $change
            && $now->getTimestamp() - $current->madeAt->getTimestamp() < self::TOGETHER;
        if ($together) {
            $current->document = $document;
            $current->madeAt = $now;
        } else {
            $this->entities->persist(new DesignStep($design, $last + 1, $design->step, $change, $document, $now));
            $design->step = $last + 1;
        }
        $design->document = $document;
        $design->savedAt = $now;
    }

    /** Back to the step that the present one was made from. Returns false at the beginning. */
    public function undo(JobDesign $design): bool
    {
        $parent = $this->step($design, $design->step)?->parent;

        return null !== $parent && $this->goTo($design, $parent);
    }

    /** On to the step last made from the present one. Returns false where there is none. */
    public function redo(JobDesign $design): bool
    {
        $next = $this->entities->getRepository(DesignStep::class)->findOneBy(['design' => $design, 'parent' => $design->step], ['number' => 'DESC']);

        return null !== $next && $this->goTo($design, $next->number);
    }

    /** To any step. Returns false if there is no such step. */
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

    /** @return list<DesignStep> the latest first */
    public function steps(JobDesign $design): array
    {
        return $this->entities->getRepository(DesignStep::class)->findBy(['design' => $design], ['number' => 'DESC']);
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
