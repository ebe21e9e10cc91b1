<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\Fields;
use Uvret\App\Press\PressCards;
use Uvret\App\Press\PressDesk;
use Uvret\App\Proof\Printing;
use Uvret\App\Repository\JobDesigns;

/** Queue, plans and papers for the press. */
final readonly class PressController
{
    /** The press card of a design, A4 or (paper=letter) US letter; with each=1 one page per person. */
    #[Route('/api/designs/{id}/press-card.{format}', requirements: ['format' => 'pdf|png'], methods: 'GET')]
    public function card(string $id, string $format, Request $request, JobDesigns $designs, PressCards $cards, Printing $printing): Response
    {
        $letter = 'letter' === $request->query->getString('paper');
        $design = $designs->get($id);
        $pages = $request->query->getBoolean('each') ? $cards->each($design, $letter) : $cards->pages($design, $letter);
        $file = 'pdf' === $format ? $printing->pdf(...$pages) : $printing->png($pages[0], \min(3000, \max(200, $request->query->getInt('width', 1240))));

        return new Response($file, 200, [
            'Content-Type' => 'pdf' === $format ? 'application/pdf' : 'image/png',
            'Content-Disposition' => "inline; filename=\"$id-press-card.$format\"",
            'Cache-Control' => 'no-store',
        ]);
    }

    /** 1:1 templates to lay on the blank, A4 or (paper=letter) US letter; with row=ID for one person. */
    #[Route('/api/designs/{id}/template.pdf', methods: 'GET')]
    public function template(string $id, Request $request, JobDesigns $designs, PressDesk $desk, Printing $printing): Response
    {
        $letter = 'letter' === $request->query->getString('paper');
        $pages = $desk->templates($designs->get($id), $request->query->getString('row'), $letter);
        if ([] === $pages) {
            throw new NotFoundHttpException('There is no lettering on the design yet: type some first.');
        }

        return new Response($printing->pdf(...$pages), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"$id-template.pdf\"",
            'Cache-Control' => 'no-store',
        ]);
    }

    #[Route('/api/press', methods: 'GET')]
    #[OA\Get(path: '/api/press', operationId: 'listPress', responses: [
        new OA\Response(
            response: 200,
            description: 'Designs of jobs being cut or pressed: ready to press first, then next due.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/PressDesignName')),
        ),
    ])]
    public function designs(PressDesk $desk): JsonResponse
    {
        return new JsonResponse($desk->designs());
    }

    #[Route('/api/designs/{id}/press', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}/press', operationId: 'showPress', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'row', description: 'Person whose piece to press.', required: false, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'press', description: 'Id of the press to use.', required: false, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Press sheet for one piece.', content: new OA\JsonContent(ref: '#/components/schemas/PressSheet')),
    ])]
    public function show(string $id, Request $request, JobDesigns $designs, PressDesk $desk): JsonResponse
    {
        return new JsonResponse($desk->sheet($designs->get($id), $request->query->getString('row'), $request->query->getString('press')));
    }

    #[Route('/api/designs/{id}/press', methods: 'POST')]
    #[OA\Post(path: '/api/designs/{id}/press', operationId: 'notePressed', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['row', 'at'], properties: [
        new OA\Property(property: 'row', type: 'string'),
        new OA\Property(property: 'at', description: 'Time it was pressed.', type: 'string', format: 'date-time'),
    ], type: 'object')), responses: [
        new OA\Response(
            response: 200,
            description: 'Noted; the last piece completes the job.',
            content: new OA\JsonContent(ref: '#/components/schemas/PressSheet'),
        ),
    ])]
    public function pressed(string $id, Request $request, JobDesigns $designs, PressDesk $desk): JsonResponse
    {
        $fields = Fields::fromJson($request->getContent());
        $row = $fields->text('row', 'Say what is pressed.', 100);
        $at = \date_create_immutable($fields->text('at', 'Say when it was pressed.', 40));
        $design = $designs->get($id);
        $desk->pressed($design, $row, false === $at ? throw BadRequest::field('at', 'Say when it was pressed.') : $at->setTimezone(new \DateTimeZone('UTC')));

        return new JsonResponse($desk->sheet($design, ''));
    }
}
