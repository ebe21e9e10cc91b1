<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\CutRoom as CutRoomShape;
use Uvret\App\Api\Shape\CutRunCard;
use Uvret\App\Api\Shape\Fields;
use Uvret\App\Cutting\CutRoom;
use Uvret\App\Cutting\CutterPanel;
use Uvret\App\Repository\CutRuns;
use Uvret\App\Repository\JobDesigns;

/** The Cut room: the cutter, layers on their films, and cuts. */
final readonly class CutRoomController
{
    /** Number of finished cuts shown. */
    private const OVER = 3;

    public function __construct(
        private CutRuns $runs,
        private CutterPanel $panel,
        private CutRoom $room,
        private JobDesigns $designs,
    ) {
    }

    #[Route('/api/cut-room', methods: 'GET')]
    #[OA\Get(path: '/api/cut-room', operationId: 'showCutRoom', responses: [
        new OA\Response(
            response: 200,
            description: 'The cutter (null while it doesn’t respond) and the cuts.',
            content: new OA\JsonContent(ref: '#/components/schemas/CutRoom'),
        ),
    ])]
    public function show(): JsonResponse
    {
        return new JsonResponse(new CutRoomShape(
            $this->panel->state(),
            'http://'.$this->panel->address,
            \array_map(CutRunCard::of(...), $this->runs->open()),
            \array_map(CutRunCard::of(...), $this->runs->over(self::OVER)),
        ));
    }

    #[Route('/api/cut-room/designs/{id}', methods: 'GET')]
    #[OA\Get(path: '/api/cut-room/designs/{id}', operationId: 'showCutLayers', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'copies', schema: new OA\Schema(type: 'integer', default: 1, maximum: 200, minimum: 1)),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'Its layers as placed on their films.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/CutLayerCard')),
        ),
    ])]
    public function layers(string $id, Request $request): JsonResponse
    {
        $copies = \max(1, \min(CutRoom::MOST, $request->query->getInt('copies', 1)));

        return new JsonResponse($this->room->layers($this->designs->get($id), $copies));
    }

    #[Route('/api/cuts', methods: 'POST')]
    #[OA\Post(path: '/api/cuts', operationId: 'startCut', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(required: ['design', 'film'], properties: [
            new OA\Property(property: 'design', type: 'string'),
            new OA\Property(property: 'film', type: 'string'),
            new OA\Property(property: 'copies', type: 'integer', maximum: 200, minimum: 1),
            new OA\Property(
                property: 'pieces',
                description: 'Numbers of the only pieces to cut.',
                type: 'array',
                items: new OA\Items(type: 'integer'),
            ),
        ], type: 'object'),
    ), responses: [
        new OA\Response(response: 201, description: 'Queued for the cutter.', content: new OA\JsonContent(ref: '#/components/schemas/CutRunCard')),
        new OA\Response(
            response: 422,
            description: 'The cutter is not ready; the detail says what to do.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function start(Request $request): JsonResponse
    {
        $asked = Fields::fromJson($request->getContent());
        $run = $this->room->cut(
            $this->designs->get($asked->text('design', 'Choose a design.')),
            $asked->text('film', 'Choose a film.'),
            $asked->number('copies', 'Type from 1 to 200 copies.', 1, CutRoom::MOST, 1),
            $asked->numbers('pieces', 'Choose pieces of the layer.'),
        );

        return new JsonResponse(CutRunCard::of($run), 201);
    }

    #[Route('/api/test-cuts/{film}', methods: 'POST')]
    #[OA\Post(path: '/api/test-cuts/{film}', operationId: 'startTestCut', parameters: [
        new OA\PathParameter(name: 'film', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 201, description: 'Queued for the cutter.', content: new OA\JsonContent(ref: '#/components/schemas/CutRunCard')),
        new OA\Response(
            response: 422,
            description: 'The cutter is not ready; the detail says what to do.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function test(string $film): JsonResponse
    {
        return new JsonResponse(CutRunCard::of($this->room->test($film)), 201);
    }

    #[Route('/api/test-cuts/{film}/{how}', requirements: ['how' => 'good|bad'], methods: 'POST')]
    #[OA\Post(path: '/api/test-cuts/{film}/{how}', operationId: 'markTestCut', parameters: [
        new OA\PathParameter(name: 'film', required: true, schema: new OA\Schema(type: 'string')),
        new OA\PathParameter(name: 'how', required: true, schema: new OA\Schema(type: 'string', enum: ['good', 'bad'])),
    ], responses: [
        new OA\Response(response: 204, description: 'Noted on the film rack with its date.'),
    ])]
    public function mark(string $film, string $how): JsonResponse
    {
        $this->runs->mark($film, 'good' === $how);

        return new JsonResponse(null, 204);
    }

    #[Route('/api/cuts/{id}/{act}', requirements: ['act' => 'go|pause|cancel'], methods: 'POST')]
    #[OA\Post(path: '/api/cuts/{id}/{act}', operationId: 'steerCut', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\PathParameter(name: 'act', required: true, schema: new OA\Schema(type: 'string', enum: ['go', 'pause', 'cancel'])),
    ], responses: [
        new OA\Response(response: 200, description: 'Passed on to the worker.', content: new OA\JsonContent(ref: '#/components/schemas/CutRunCard')),
    ])]
    public function steer(string $id, string $act): JsonResponse
    {
        $run = $this->runs->get($id);
        $this->runs->want($id, $act);

        return new JsonResponse(CutRunCard::of($run));
    }
}
