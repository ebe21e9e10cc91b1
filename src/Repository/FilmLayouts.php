<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Entity\LayoutState;

/** Layouts, one per film. A worker writes only to the revision it started with. */
final readonly class FilmLayouts
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
    ) {
    }

    public function get(string $film): FilmLayout
    {
        return $this->entities->find(FilmLayout::class, $film) ?? throw new NotFoundHttpException('Nothing is laid out on this film. Choose jobs first.');
    }

    /** @return list<FilmLayout> */
    public function all(): array
    {
        return $this->entities->getRepository(FilmLayout::class)->findBy([], ['film' => 'ASC']);
    }

    /** @param list<FilmLayout> $layouts the new layouts */
    public function replace(array $layouts): void
    {
        $this->connection->transactional(function () use ($layouts): void {
            $this->connection->executeStatement('DELETE FROM film_layout');
            $this->entities->clear();
            foreach ($layouts as $layout) {
                $this->entities->persist($layout);
            }
            $this->entities->flush();
        });
    }

    /**
     * Stores places and result of a revision.
     *
     * @return bool false if there is a newer revision or it was stopped
     */
    public function improve(FilmLayout $layout): bool
    {
        return 1 === (int) $this->connection->executeStatement(
            'UPDATE film_layout SET places = ?, result = ?, state = ? WHERE film = ? AND revision = ? AND state <> ?',
            [$layout->places, $layout->result, $layout->state->value, $layout->film, $layout->revision, LayoutState::Done->value],
        );
    }

    /** Whether it was stopped before there was a layout. */
    public function isBrief(FilmLayout $layout): bool
    {
        return false !== $this->connection->fetchOne('SELECT 1 FROM film_layout WHERE film = ? AND state = ?', [$layout->film, LayoutState::Brief->value]);
    }

    public function isAnyWaiting(): bool
    {
        return false !== $this->connection->fetchOne('SELECT 1 FROM film_layout WHERE state = ? LIMIT 1', [LayoutState::Waiting->value]);
    }

    /** Adds a layout that may be new. */
    public function keep(FilmLayout $layout): void
    {
        ++$layout->revision;
        $this->entities->persist($layout);
        $this->entities->flush();
    }

    /** Stores places set by a person, or a restart: a running worker's results are discarded. */
    public function set(FilmLayout $layout): void
    {
        ++$layout->revision;
        $this->entities->flush();
    }
}
