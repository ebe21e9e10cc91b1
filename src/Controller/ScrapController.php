<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;
use Uvret\App\Api\Shape\Fields;
use Uvret\App\Api\Shape\ScrapCard;
use Uvret\App\Entity\FilmScrap;
use Uvret\App\Repository\FilmScraps;
use Uvret\Geometry\Box;

/** Scraps of film on the rack or left by cuts. */
final readonly class ScrapController
{
    private const MOST = 5_000_000;

    public function __construct(private FilmScraps $scraps)
    {
    }

    #[Route('/api/scraps', methods: 'GET')]
    #[OA\Get(path: '/api/scraps', operationId: 'listScraps', responses: [
        new OA\Response(
            response: 200,
            description: 'All scraps, latest first.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/ScrapCard')),
        ),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse(\array_map(ScrapCard::of(...), $this->scraps->all()));
    }

    #[Route('/api/scraps', methods: 'POST')]
    #[OA\Post(path: '/api/scraps', operationId: 'addScrap', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(required: ['film', 'width', 'length'], properties: [
            new OA\Property(property: 'film', type: 'string'),
            new OA\Property(property: 'width', description: 'In µm, across the film.', type: 'integer'),
            new OA\Property(property: 'length', description: 'In µm, along the film.', type: 'integer'),
        ], type: 'object'),
    ), responses: [
        new OA\Response(response: 201, description: 'Kept on the rack.', content: new OA\JsonContent(ref: '#/components/schemas/ScrapCard')),
    ])]
    public function add(Request $request): JsonResponse
    {
        $fields = Fields::fromJson($request->getContent());
        $width = $fields->number('width', 'Type a width from 10 mm to 5 m.', 10_000, self::MOST);
        $length = $fields->number('length', 'Type a length from 10 mm to 5 m.', 10_000, self::MOST);
        $scrap = new FilmScrap(
            Uuid::v7()->toRfc4122(),
            $fields->text('film', 'Choose a film.', 40),
            \json_encode((new Box(0, 0, $width, $length))->toRegion()->rings(), \JSON_THROW_ON_ERROR),
            false,
            new \DateTimeImmutable(),
        );
        $this->scraps->add($scrap);

        return new JsonResponse(ScrapCard::of($scrap), 201);
    }

    #[Route('/api/scraps/{id}/keep', methods: 'POST')]
    #[OA\Post(path: '/api/scraps/{id}/keep', operationId: 'keepScrap', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Kept on the rack.', content: new OA\JsonContent(ref: '#/components/schemas/ScrapCard')),
    ])]
    public function keep(string $id): JsonResponse
    {
        $scrap = $this->scraps->get($id);
        $this->scraps->keep($scrap);

        return new JsonResponse(ScrapCard::of($scrap));
    }

    #[Route('/api/scraps/{id}', methods: 'DELETE')]
    #[OA\Delete(path: '/api/scraps/{id}', operationId: 'removeScrap', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [new OA\Response(response: 204, description: 'Thrown away.')])]
    public function remove(string $id): JsonResponse
    {
        $this->scraps->remove($this->scraps->get($id));

        return new JsonResponse(null, 204);
    }
}
