<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\ReadLength;
use Uvret\App\Entity\RackFilm;
use Uvret\Geometry\Length;
use Uvret\Geometry\Unit;

/** What the shop has on its film rack, and how it reads lengths. */
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

    #[Route('/api/length', methods: 'GET')]
    #[OA\Get(path: '/api/length', operationId: 'readLength', parameters: [
        new OA\QueryParameter(name: 'text', description: 'What was typed.', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'unit', description: 'The unit of a bare number.', required: true, schema: new OA\Schema(type: 'string', enum: ['mm', 'in'])),
    ], responses: [
        new OA\Response(response: 200, description: 'The length.', content: new OA\JsonContent(ref: '#/components/schemas/ReadLength')),
        new OA\Response(response: 422, description: 'It is not a length; the detail says what is accepted.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function length(Request $request): JsonResponse
    {
        $unit = Unit::tryFrom($request->query->getString('unit')) ?? Unit::Millimetre;

        return new JsonResponse(new ReadLength(Length::parse($request->query->getString('text'), $unit)->micrometres));
    }

    /** @param list<string> $entries JSON documents */
    private static function jsonList(array $entries): JsonResponse
    {
        return JsonResponse::fromJsonString('['.\implode(',', $entries).']');
    }
}
