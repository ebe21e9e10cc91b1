<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Uvret\App\Entity\CutRun;
use Uvret\App\Entity\CutState;

/** Cuts: those that are under way, and what became of others. The page writes what it wants, the worker all else. */
final readonly class CutRuns
{
    private const KEPT = ['state', 'reason', 'done', 'from', 'base', 'starts', 'along', 'across', 'seen'];

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
    ) {
    }

    public function get(string $id): CutRun
    {
        return $this->entities->find(CutRun::class, $id) ?? throw new NotFoundHttpException('There is no such cut.');
    }

    /** As it is now, whoever changed it. */
    public function fresh(string $id): CutRun
    {
        $run = $this->get($id);
        $this->entities->refresh($run);

        return $run;
    }

    public function add(CutRun $run): void
    {
        $this->entities->persist($run);
        $this->entities->flush();
    }

    /** @return list<CutRun> those that are not over, the oldest first */
    public function open(): array
    {
        return $this->entities->getRepository(CutRun::class)->findBy(
            ['state' => \array_values(\array_filter(CutState::cases(), static fn (CutState $state): bool => !$state->isOver()))],
            ['madeAt' => 'ASC', 'id' => 'ASC'],
        );
    }

    /** @return list<CutRun> the latest first */
    public function over(int $most): array
    {
        return $this->entities->getRepository(CutRun::class)->findBy(['state' => [CutState::Cut, CutState::Cancelled]], ['endedAt' => 'DESC'], $most);
    }

    public function want(string $id, string $what): void
    {
        $this->connection->update('cut_run', ['wanted' => $what], ['id' => $id]);
    }

    public function wanted(string $id): string
    {
        $wanted = $this->connection->fetchOne('SELECT wanted FROM cut_run WHERE id = ?', [$id]);

        return \is_string($wanted) ? $wanted : 'cancel';
    }

    /** Writes down how far a cut has come. */
    public function keep(CutRun $run): void
    {
        $run->seen = \microtime(true);
        $values = [];
        foreach (self::KEPT as $field) {
            $values['from' === $field ? 'from_ring' : $field] = $run->{$field} instanceof CutState ? $run->{$field}->value : $run->{$field};
        }
        if ($run->state->isOver()) {
            $values['ended_at'] = ($run->endedAt ??= new \DateTimeImmutable())->format('Y-m-d H:i:s');
        }
        $this->connection->update('cut_run', $values, ['id' => $run->id]);
    }
}
