<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Draft;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\Approval;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\Comparison;
use Uvret\App\Api\Shape\DesignName;
use Uvret\App\Api\Shape\HistoryStep;
use Uvret\App\Api\Shape\OpenDesign;
use Uvret\App\Api\Shape\SavedDesign;
use Uvret\App\Api\Shape\SaveDesign;
use Uvret\App\Api\Shape\Sheet;
use Uvret\App\Entity\JobDesign;
use Uvret\App\History\History;
use Uvret\App\Names\PersonPlans;
use Uvret\App\Repository\JobDesigns;
use Uvret\App\Summary\KeepLater;
use Uvret\App\Summary\Summaries;
use Uvret\Design\Differences;
use Uvret\Design\Merge;
use Uvret\Plan\Plan;

final readonly class DesignController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private JobDesigns $designs,
        private DraftReader $drafts,
        private History $history,
        private Summaries $summaries,
        private KeepLater $later,
        private PersonPlans $people,
    ) {
    }

    #[Route('/api/designs/{id}', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}', operationId: 'openDesign', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'person', description: 'Person whose sheet to return.', required: false, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'The document and everything computed from it.',
            content: new OA\JsonContent(ref: '#/components/schemas/OpenDesign'),
        ),
        new OA\Response(response: 404, description: 'There is no such design.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function open(string $id, Request $request): JsonResponse
    {
        return $this->opened($this->designs->get($id), $request);
    }

    #[Route('/api/designs/{id}', methods: 'PUT')]
    #[OA\Put(path: '/api/designs/{id}', operationId: 'saveDesign', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'person', description: 'Person whose sheet to return.', required: false, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveDesign')), responses: [
        new OA\Response(response: 200, description: 'Saved.', content: new OA\JsonContent(ref: '#/components/schemas/SavedDesign')),
        new OA\Response(
            response: 409,
            description: 'It was changed elsewhere since that version; nothing was saved.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
        new OA\Response(
            response: 422,
            description: 'Not a valid design; nothing was saved.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function save(string $id, Request $request): JsonResponse
    {
        $save = SaveDesign::fromJson($request->getContent());
        $draft = $this->drafts->draft($save->document);
        $document = $this->drafts->encode($draft->document);
        $design = $this->designs->get($id);
        if ($design->version !== $save->version && $design->document === $document) {
            // Saved before, but the response got lost: it is sent again.
            return $this->saved($design, $draft, $request);
        }
        $design = $this->designs->at($id, $save->version);
        $step = $this->history->record($design, $document, $save->change);
        $this->entities->flush();
        $this->later->add($step, $draft->plan);

        return $this->saved($design, $draft, $request);
    }

    #[Route('/api/designs/{id}/{way}', requirements: ['way' => 'undo|redo'], methods: 'POST')]
    #[OA\Post(path: '/api/designs/{id}/{way}', operationId: 'moveInHistory', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\PathParameter(name: 'way', required: true, schema: new OA\Schema(type: 'string', enum: ['undo', 'redo'])),
        new OA\QueryParameter(name: 'version', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'person', description: 'Person whose sheet to return.', required: false, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'The current design; unchanged at the end of the history.',
            content: new OA\JsonContent(ref: '#/components/schemas/OpenDesign'),
        ),
        new OA\Response(
            response: 409,
            description: 'It was changed elsewhere since that version.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function move(string $id, string $way, Request $request): JsonResponse
    {
        $design = $this->designs->at($id, $request->query->getInt('version'));
        'undo' === $way ? $this->history->undo($design) : $this->history->redo($design);
        $this->entities->flush();

        return $this->opened($design, $request);
    }

    #[Route('/api/designs/{id}/history', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}/history', operationId: 'listHistory', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'All steps, latest first.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/HistoryStep')),
        ),
    ])]
    public function history(string $id): JsonResponse
    {
        $design = $this->designs->get($id);

        return new JsonResponse(\array_map(static fn (array $row): HistoryStep => HistoryStep::ofRow($design, $row), $this->history->steps($design)));
    }

    /** The document as stored, readable or not. */
    #[Route('/api/designs/{id}/history/{number}.json', requirements: ['number' => '\d+'], methods: 'GET')]
    public function document(string $id, int $number): Response
    {
        $step = $this->history->step($this->designs->get($id), $number) ?? throw new NotFoundHttpException('The history has no such step.');

        return new Response($step->document, 200, ['Content-Type' => 'application/json', 'Content-Disposition' => "attachment; filename=\"$id-$number.json\""]);
    }

    #[Route('/api/designs/{id}/history/{number}/picture.svg', requirements: ['number' => '\d+'], methods: 'GET')]
    public function picture(string $id, int $number, Request $request): Response
    {
        $step = $this->history->step($this->designs->get($id), $number) ?? throw new NotFoundHttpException('The history has no such step.');
        $picture = $this->summaries->picture((int) $step->id) ?? throw new NotFoundHttpException('There is no picture of what can’t be read.');
        // Its address contains the hash of its content, so it never changes.
        $lasts = $request->query->getString('of') === $step->hash;

        return new Response(
            $picture,
            200,
            ['Content-Type' => 'image/svg+xml', 'Cache-Control' => $lasts ? 'private, max-age=31536000, immutable' : 'no-cache'],
        );
    }

    #[Route('/api/designs/{id}/history/{number}', requirements: ['number' => '\d+'], methods: 'POST')]
    #[OA\Post(path: '/api/designs/{id}/history/{number}', operationId: 'goToStep', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'version', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'person', description: 'Person whose sheet to return.', required: false, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'The current design.', content: new OA\JsonContent(ref: '#/components/schemas/OpenDesign')),
        new OA\Response(
            response: 409,
            description: 'It was changed elsewhere since that version.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function goTo(string $id, int $number, Request $request): JsonResponse
    {
        $design = $this->designs->at($id, $request->query->getInt('version'));
        if (!$this->history->goTo($design, $number)) {
            throw new NotFoundHttpException('The history has no such step.');
        }
        $this->entities->flush();

        return $this->opened($design, $request);
    }

    #[Route('/api/designs/{id}/history/{number}/name', requirements: ['number' => '\d+'], methods: 'PUT')]
    #[OA\Put(path: '/api/designs/{id}/history/{number}/name', operationId: 'nameStep', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'text/plain', schema: new OA\Schema(type: 'string'))), responses: [
        new OA\Response(
            response: 200,
            description: 'Named; an empty name removes it.',
            content: new OA\JsonContent(ref: '#/components/schemas/HistoryStep'),
        ),
    ])]
    public function name(string $id, int $number, Request $request): JsonResponse
    {
        $step = $this->history->step($this->designs->get($id), $number) ?? throw new NotFoundHttpException('The history has no such step.');
        $name = \mb_substr(\trim($request->getContent()), 0, 80);
        $step->name = '' === $name ? null : $name;
        $this->entities->flush();

        return new JsonResponse(HistoryStep::of($step));
    }

    #[Route('/api/trials', methods: 'POST')]
    #[OA\Post(path: '/api/trials', operationId: 'tryDesign', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/Design'),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'The sheet of a design that is not saved.',
            content: new OA\JsonContent(ref: '#/components/schemas/Sheet'),
        ),
    ])]
    public function trial(Request $request): JsonResponse
    {
        $document = \json_decode($request->getContent());
        if (!\is_object($document)) {
            throw BadRequest::shape('a design');
        }

        return new JsonResponse(Sheet::of($this->drafts->draft($document)->plan));
    }

    #[Route('/api/designs/{id}/compare', methods: 'POST')]
    #[OA\Post(path: '/api/designs/{id}/compare', operationId: 'compareDesign', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['base', 'ours'],
            properties: [
                new OA\Property(property: 'base', ref: '#/components/schemas/Design'),
                new OA\Property(property: 'ours', ref: '#/components/schemas/Design'),
            ],
            type: 'object',
        ),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'Changes on either side since the base, and both merged.',
            content: new OA\JsonContent(ref: '#/components/schemas/Comparison'),
        ),
    ])]
    public function compare(string $id, Request $request): JsonResponse
    {
        $body = \json_decode($request->getContent());
        if (!\is_object($body) || !\is_object($body->base ?? null) || !\is_object($body->ours ?? null)) {
            throw BadRequest::shape('an object with a base and ours');
        }
        [$base, $ours] = [$this->drafts->draft($body->base), $this->drafts->draft($body->ours)];
        $opened = $this->openDesign($this->designs->get($id), $request);
        $theirs = $this->drafts->draft($opened->document)->document;

        return new JsonResponse(new Comparison(
            Differences::between($base->document, $theirs),
            Differences::between($base->document, $ours->document),
            $opened,
            Merge::of($base->document, $ours->document, $opened->document),
        ));
    }

    private function saved(JobDesign $design, Draft $draft, Request $request): JsonResponse
    {
        // After a change there is something to undo and nothing to redo.
        return new JsonResponse(new SavedDesign(
            $design->version,
            $design->savedAt->format(\DATE_ATOM),
            $design->step,
            true,
            false,
            Sheet::of($this->shown($design, $draft, $request)),
        ));
    }

    private function opened(JobDesign $design, Request $request): JsonResponse
    {
        return new JsonResponse($this->openDesign($design, $request));
    }

    private function openDesign(JobDesign $design, Request $request): OpenDesign
    {
        $draft = $this->drafts->draft($design->document);

        return new OpenDesign(
            $design->id,
            $design->job->id,
            $design->job->title,
            $design->version,
            $design->savedAt->format(\DATE_ATOM),
            $design->step,
            $this->history->canUndo($design),
            $this->history->canRedo($design),
            Approval::of($design),
            \array_map(DesignName::of(...), $design->job->currentDesigns()),
            $draft->document,
            Sheet::of($this->shown($design, $draft, $request)),
        );
    }

    /** What the Bench shows: the design with samples in its fields, or for one person of the list. */
    private function shown(JobDesign $design, Draft $draft, Request $request): Plan
    {
        $person = $request->query->getString('person');

        return '' === $person ? $draft->plan : $this->people->plan($design, $draft->document, $person) ?? $draft->plan;
    }
}
