<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\CutRunCard;
use Uvret\App\Api\Shape\Fields;
use Uvret\App\Api\Shape\Spot;
use Uvret\App\Layout\LaidCuts;
use Uvret\App\Layout\LayoutDesk;
use Uvret\App\Layout\Placing;

/** Layouts of one or more jobs on their films. */
final readonly class LayoutController
{
    private const DESIGNS = 200;

    private const COPIES = 500;

    public function __construct(
        private LayoutDesk $desk,
        private Placing $placing,
        private LaidCuts $cuts,
    ) {
    }

    #[Route('/api/layouts', methods: 'GET')]
    #[OA\Get(path: '/api/layouts', operationId: 'listLayouts', responses: [
        new OA\Response(
            response: 200,
            description: 'Films with a layout.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/FilmLayoutCard')),
        ),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse($this->desk->cards());
    }

    #[Route('/api/layouts', methods: 'PUT')]
    #[OA\Put(path: '/api/layouts', operationId: 'layOut', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(required: ['items'], properties: [
            new OA\Property(property: 'items', type: 'array', maxItems: 200, items: new OA\Items(required: ['design', 'copies'], properties: [
                new OA\Property(property: 'design', type: 'string'),
                new OA\Property(property: 'copies', type: 'integer', maximum: 500, minimum: 1),
            ], type: 'object')),
            new OA\Property(property: 'onMat', description: 'Whether all films go in zones of the carrier mat.', type: 'boolean'),
        ], type: 'object'),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'Layout started; it replaces the previous one.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/FilmLayoutCard')),
        ),
        new OA\Response(
            response: 422,
            description: 'A design can’t be cut yet; the detail says why.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function choose(Request $request): JsonResponse
    {
        $fields = Fields::fromJson($request->getContent());
        $items = \array_map(static fn (Fields $item): array => [
            'design' => $item->text('design', 'Choose a design.'),
            'copies' => $item->number('copies', 'Type from 1 to 500 copies.', 1, self::COPIES),
        ], $fields->entries('items', 'Choose up to 200 designs.', self::DESIGNS));
        $this->desk->choose($items, $fields->is('onMat'));

        return new JsonResponse($this->desk->cards());
    }

    #[Route('/api/layouts/{film}/{act}', requirements: ['act' => 'again|changed|stop'], methods: 'POST')]
    #[OA\Post(path: '/api/layouts/{film}/{act}', operationId: 'steerLayout', parameters: [
        new OA\PathParameter(name: 'film', required: true, schema: new OA\Schema(type: 'string')),
        new OA\PathParameter(
            name: 'act',
            required: true,
            description: 'again: lay out all but pinned pieces; changed: only pieces whose design changed; stop: keep the best layout so far',
            schema: new OA\Schema(type: 'string', enum: ['again', 'changed', 'stop']),
        ),
    ], responses: [
        new OA\Response(response: 200, description: 'The current layout.', content: new OA\JsonContent(ref: '#/components/schemas/FilmLayoutCard')),
    ])]
    public function steer(string $film, string $act): JsonResponse
    {
        return new JsonResponse('stop' === $act ? $this->desk->stop($film) : $this->desk->again($film, 'changed' === $act));
    }

    #[Route('/api/layouts/{film}/pieces/{number}/try', requirements: ['number' => '\d+'], methods: 'POST')]
    #[OA\Post(path: '/api/layouts/{film}/pieces/{number}/try', operationId: 'tryPiece', parameters: [
        new OA\PathParameter(name: 'film', required: true, schema: new OA\Schema(type: 'string')),
        new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Spot')), responses: [
        new OA\Response(response: 200, description: 'Pieces it would touch there.', content: new OA\JsonContent(required: ['touches', 'inside'], properties: [
            new OA\Property(property: 'touches', type: 'array', items: new OA\Items(type: 'integer')),
            new OA\Property(property: 'inside', description: 'Whether it is on usable film there.', type: 'boolean'),
        ], type: 'object')),
    ])]
    public function try(string $film, int $number, Request $request): JsonResponse
    {
        return new JsonResponse($this->placing->tryOut($film, $number, Spot::from(Fields::fromJson($request->getContent()))));
    }

    #[Route('/api/layouts/{film}/pieces/{number}', requirements: ['number' => '\d+'], methods: 'PUT')]
    #[OA\Put(path: '/api/layouts/{film}/pieces/{number}', operationId: 'movePiece', parameters: [
        new OA\PathParameter(name: 'film', required: true, schema: new OA\Schema(type: 'string')),
        new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Spot')), responses: [
        new OA\Response(response: 200, description: 'Moved.', content: new OA\JsonContent(ref: '#/components/schemas/FilmLayoutCard')),
        new OA\Response(response: 422, description: 'It doesn’t fit there; the detail says why.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function move(string $film, int $number, Request $request): JsonResponse
    {
        $fields = Fields::fromJson($request->getContent());

        return new JsonResponse($this->desk->card($this->placing->move($film, $number, Spot::from($fields), $fields->is('pinned'))));
    }

    #[Route('/api/layouts/{film}/cut', methods: 'POST')]
    #[OA\Post(path: '/api/layouts/{film}/cut', operationId: 'cutLayout', parameters: [
        new OA\PathParameter(name: 'film', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['stock'], properties: [
        new OA\Property(property: 'stock', description: 'The roll or a scrap.', type: 'string'),
    ], type: 'object')), responses: [
        new OA\Response(response: 201, description: 'Queued for the cutter.', content: new OA\JsonContent(ref: '#/components/schemas/CutRunCard')),
        new OA\Response(
            response: 422,
            description: 'The cutter is not ready; the detail says what to do.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function cut(string $film, Request $request): JsonResponse
    {
        $stock = Fields::fromJson($request->getContent())->text('stock', 'Choose the roll or a scrap.');

        return new JsonResponse(CutRunCard::of($this->cuts->cut($film, $stock)), 201);
    }
}
