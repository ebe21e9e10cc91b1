<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;
use Uvret\App\Entity\CutRun;
use Uvret\App\Entity\CutState;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Entity\LayoutState;
use Uvret\App\Layout\LayoutPieces;

/** Cuts in progress and finished. The page writes the user's command, the worker everything else. */
final readonly class CutRuns
{
    private const KEPT = ['state', 'reason', 'done', 'from', 'base', 'starts', 'along', 'across', 'seen', 'strokes', 'offs'];

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
    ) {
    }

    public function get(string $id): CutRun
    {
        return $this->entities->find(CutRun::class, $id) ?? throw new NotFoundHttpException('There is no such cut.');
    }

    /** Reloads it, whoever changed it. */
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

    /** @return list<CutRun> unfinished ones, oldest first */
    public function open(): array
    {
        return $this->entities->getRepository(CutRun::class)->findBy(
            ['state' => \array_values(\array_filter(CutState::cases(), static fn (CutState $state): bool => !$state->isOver()))],
            ['madeAt' => 'ASC', 'id' => 'ASC'],
        );
    }

    /** @return list<CutRun> latest first */
    public function over(int $most): array
    {
        return $this->entities->getRepository(CutRun::class)->findBy(
            ['state' => [CutState::Cut, CutState::Cancelled]],
            ['endedAt' => 'DESC', 'id' => 'DESC'],
            $most,
        );
    }

    /**
     * Claims a cut, unless a worker was active on any unfinished cut since a moment; of several simultaneous claims one succeeds.
     *
     * @param float $now   in seconds since 1970
     * @param float $since likewise
     */
    public function claim(string $id, float $now, float $since): bool
    {
        return 1 === $this->connection->executeStatement(
            "UPDATE cut_run SET seen = ? WHERE id = ? AND NOT EXISTS (SELECT 1 FROM cut_run WHERE state NOT IN ('cut', 'cancelled') AND seen > ?)",
            [$now, $id, $since],
        );
    }

    public function isKnown(string $id): bool
    {
        return false !== $this->connection->fetchOne('SELECT 1 FROM cut_run WHERE id = ?', [$id]);
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

    /** When a layer was last cut; null if it was not. */
    public function lastCut(string $design, string $film): ?\DateTimeImmutable
    {
        return $this->entities->getRepository(CutRun::class)->findOneBy(
            ['design' => $design, 'film' => $film, 'state' => CutState::Cut, 'isWhole' => true],
            ['endedAt' => 'DESC'],
        )->endedAt ?? $this->lastLaidOut($design, $film);
    }

    /** When a layer was last cut as a part of a layout. */
    private function lastLaidOut(string $design, string $film): ?\DateTimeImmutable
    {
        $last = $this->connection->fetchOne(
            "SELECT max(ended_at) FROM cut_run WHERE film = ? AND state = 'cut' AND json_extract(laid, ?) IS NOT NULL",
            [$film, '$.designs."'.\addcslashes($design, '"\\').'"'],
        );

        return \is_string($last) ? new \DateTimeImmutable($last) : null;
    }

    /** Notes the result of a film's test cut on the rack. */
    public function mark(string $film, bool $good): void
    {
        $tested = \json_encode(['on' => (new \DateTimeImmutable())->format('Y-m-d'), 'good' => $good], \JSON_THROW_ON_ERROR);
        $this->connection->executeStatement(
            "UPDATE rack_film SET version = version + 1,
             shop = json_set(shop, '$.cut', json_patch(coalesce(json_extract(shop, '$.cut'), '{}'), ?)) WHERE id = ?",
            [\json_encode(['tested' => \json_decode($tested)], \JSON_THROW_ON_ERROR), $film],
        );
    }

    /**
     * Marks it as cut, takes its film off the rack's stock and applies all consequences, in one transaction.
     *
     * @param callable(): void $else
     */
    public function finish(CutRun $run, callable $else): void
    {
        $run->state = CutState::Cut;
        $run->reason = '';
        /** @var array{film: string, stock: string, kept: list<list<list<int>>>}|null $laid */
        $laid = \json_decode($run->laid, true, 8, \JSON_THROW_ON_ERROR);
        $this->connection->transactional(function () use ($run, $laid, $else): void {
            $this->keep($run);
            $this->connection->executeStatement(
                "UPDATE rack_film SET version = version + 1,
                 shop = json_set(shop, '$.stock', max(0, coalesce(json_extract(shop, '$.stock'), 0) - ?)) WHERE id = ?",
                [LayoutPieces::isScrap($laid['stock'] ?? LayoutPieces::ROLL) ? 0 : $run->length, $run->film],
            );
            if (null !== $laid) {
                $this->clearUp($laid, $run->length);
            }
            $else();
        });
    }

    /**
     * After a film of a layout is cut: its scrap is used up, leftovers are offered, and its pieces leave the layout.
     *
     * @param array{film: string, stock: string, kept: list<list<list<int>>>} $laid
     * @param int                                                             $length of film that it took
     */
    private function clearUp(array $laid, int $length): void
    {
        $this->connection->delete('film_scrap', ['id' => $laid['stock']]);
        foreach ($laid['kept'] as $rings) {
            $this->connection->insert('film_scrap', [
                'id' => Uuid::v7()->toRfc4122(),
                'film' => $laid['film'],
                'outline' => \json_encode($rings, \JSON_THROW_ON_ERROR),
                'offered' => 1,
                'made_at' => (new \DateTimeImmutable())->format('Y-m-d H:i:s'),
            ]);
        }
        $layout = $this->entities->find(FilmLayout::class, $laid['film']);
        if (null !== $layout) {
            $this->entities->refresh($layout);
            $layout->takeOff($laid['stock'], LayoutPieces::isScrap($laid['stock']) ? 0 : $length);
            ++$layout->revision;
            $this->connection->update('film_layout', [
                'items' => $layout->items,
                'places' => $layout->places,
                'result' => $layout->result,
                'state' => LayoutState::Done->value,
                'revision' => $layout->revision,
            ], ['film' => $layout->film]);
        }
    }

    /** Stores the progress of a cut. */
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
