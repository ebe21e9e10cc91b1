<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\FontCard;
use Uvret\App\Api\Shape\ReadLength;
use Uvret\App\Entity\RackFilm;
use Uvret\Geometry\Length;
use Uvret\Geometry\Unit;
use Uvret\Type\FontEntry;
use Uvret\Type\TypeCase;

/** What the shop has: fonts, films. */
final readonly class ShopController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private TypeCase $typeCase,
    ) {
    }

    #[Route('/api/fonts', methods: 'GET')]
    #[OA\Get(path: '/api/fonts', operationId: 'listFonts', responses: [
        new OA\Response(response: 200, description: 'The type case.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/FontCard'))),
    ])]
    public function fonts(): JsonResponse
    {
        return new JsonResponse(\array_map(static fn (FontEntry $entry): FontCard => FontCard::of($entry), $this->typeCase->entries()));
    }

    #[Route('/api/fonts/{id}.ttf', methods: 'GET')]
    public function font(string $id): Response
    {
        $file = $this->typeCase->file($id) ?? throw new NotFoundHttpException('The type case has no such font.');

        return (new BinaryFileResponse($file, 200, ['Content-Type' => 'font/ttf']))->setMaxAge(86400);
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
