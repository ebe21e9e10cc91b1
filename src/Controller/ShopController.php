<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Entity\RackFilm;

/** What the shop has on its film rack. */
final readonly class ShopController
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    #[Route('/api/films', methods: 'GET')]
    #[OA\Get(path: '/api/films', operationId: 'listFilms', responses: [
        new OA\Response(response: 200, description: 'The film rack.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/DesignFilm'))),
    ])]
    public function films(): JsonResponse
    {
        $films = $this->entities->getRepository(RackFilm::class)->findBy([], ['position' => 'ASC']);

        return self::jsonList(\array_map(static fn (RackFilm $film): string => $film->film, $films));
    }

    /** @param list<string> $entries JSON documents */
    private static function jsonList(array $entries): JsonResponse
    {
        return JsonResponse::fromJsonString('['.\implode(',', $entries).']');
    }
}
