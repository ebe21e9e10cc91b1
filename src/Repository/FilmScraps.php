<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Uvret\App\Entity\FilmScrap;

/** Scraps on the rack or left by a cut. */
final readonly class FilmScraps
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @return list<FilmScrap> latest first */
    public function all(): array
    {
        return $this->entities->getRepository(FilmScrap::class)->findBy([], ['madeAt' => 'DESC', 'id' => 'ASC']);
    }

    /** @return list<FilmScrap> kept ones */
    public function of(string $film): array
    {
        return $this->entities->getRepository(FilmScrap::class)->findBy(['film' => $film, 'offered' => false], ['id' => 'ASC']);
    }

    /** @return list<FilmScrap> kept ones of other films */
    public function ofOthers(string $film): array
    {
        return \array_values(\array_filter($this->all(), static fn (FilmScrap $scrap): bool => !$scrap->offered && $scrap->film !== $film));
    }

    public function get(string $id): FilmScrap
    {
        return $this->entities->find(FilmScrap::class, $id) ?? throw new NotFoundHttpException('This scrap is no longer on the rack.');
    }

    public function add(FilmScrap $scrap): void
    {
        $this->entities->persist($scrap);
        $this->entities->flush();
    }

    public function keep(FilmScrap $scrap): void
    {
        $scrap->offered = false;
        $this->entities->flush();
    }

    public function remove(FilmScrap $scrap): void
    {
        $this->entities->remove($scrap);
        $this->entities->flush();
    }
}
