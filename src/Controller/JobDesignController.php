<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Rail;
use Uvret\App\Api\Shape\Approval as ApprovalShape;
use Uvret\App\Api\Shape\DesignName;
use Uvret\App\Api\Shape\Fields;
use Uvret\App\Entity\Approval;
use Uvret\App\Entity\JobState;
use Uvret\App\Jobs\DesignArrival;
use Uvret\App\Jobs\EmptyDesign;
use Uvret\App\Jobs\FreeId;
use Uvret\App\Jobs\JobOpening;
use Uvret\App\Repository\JobDesigns;
use Uvret\App\Repository\Jobs;
use Uvret\App\Repository\Rosters;

/** The designs of a job: added, removed, approved. */
final readonly class JobDesignController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Jobs $jobs,
        private JobDesigns $designs,
        private JobOpening $opening,
        private FreeId $freeId,
        private Rail $rail,
        private Rosters $rosters,
    ) {
    }

    #[Route('/api/jobs/{id}/designs', methods: 'POST')]
    #[OA\Post(path: '/api/jobs/{id}/designs', operationId: 'addDesign', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['blank', 'placement'],
            properties: [new OA\Property(property: 'blank', type: 'string'), new OA\Property(property: 'placement', type: 'string')],
            type: 'object',
        ),
    ), responses: [
        new OA\Response(response: 201, description: 'An empty design on that placement.', content: new OA\JsonContent(ref: '#/components/schemas/DesignName')),
        new OA\Response(response: 422, description: 'The shop has no such blank.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function add(string $id, Request $request, EmptyDesign $empty): JsonResponse
    {
        $job = $this->jobs->get($id);
        $fields = Fields::fromJson($request->getContent());
        $made = $empty->on($fields->text('blank', 'Choose what the lettering goes on.'), $fields->optionalText('placement'));
        $design = $this->opening->addDesign($job, $this->freeId->for($job->title), $made['document']);
        $this->entities->flush();

        return new JsonResponse(DesignName::of($design), 201);
    }

    #[Route('/api/jobs/{id}/design-file', methods: 'POST')]
    #[OA\Post(path: '/api/jobs/{id}/design-file', operationId: 'openDesignFile', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary')),
    ), responses: [
        new OA\Response(
            response: 201,
            description: 'The file’s design, added to this job.',
            content: new OA\JsonContent(ref: '#/components/schemas/DesignName'),
        ),
        new OA\Response(
            response: 422,
            description: 'Not a design file; nothing was imported.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function openFile(string $id, Request $request, DesignArrival $arrival): JsonResponse
    {
        $job = $this->jobs->get($id);
        $design = $this->opening->addDesign($job, $this->freeId->for($job->title), $arrival->document($request->getContent()));
        $this->entities->flush();

        return new JsonResponse(DesignName::of($design), 201);
    }

    #[Route('/api/designs/{id}/duplicate', methods: 'POST')]
    #[OA\Post(path: '/api/designs/{id}/duplicate', operationId: 'duplicateDesign', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 201, description: 'A copy in the same job.', content: new OA\JsonContent(ref: '#/components/schemas/DesignName')),
    ])]
    public function duplicate(string $id, DraftReader $drafts): JsonResponse
    {
        $design = $this->designs->get($id);
        $draft = $drafts->draft($design->document);
        $document = ['name' => \mb_substr($draft->plan->design->name, 0, 110).', copy'] + \get_object_vars($draft->document);
        $copy = $this->opening->addDesign($design->job, $this->freeId->for($design->job->title), $drafts->encode((object) $document));
        $this->entities->flush();

        return new JsonResponse(DesignName::of($copy), 201);
    }

    #[Route('/api/designs/{id}', methods: 'DELETE')]
    #[OA\Delete(path: '/api/designs/{id}', operationId: 'removeDesign', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'Removed from its job; it can be restored.',
            content: new OA\JsonContent(ref: '#/components/schemas/JobSheet'),
        ),
    ])]
    public function remove(string $id): JsonResponse
    {
        $design = $this->designs->get($id);
        $design->removedAt = new \DateTimeImmutable();
        $this->entities->flush();

        return new JsonResponse($this->rail->sheet($design->job));
    }

    #[Route('/api/designs/{id}/restore', methods: 'POST')]
    #[OA\Post(path: '/api/designs/{id}/restore', operationId: 'restoreDesign', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Restored to its job.', content: new OA\JsonContent(ref: '#/components/schemas/JobSheet')),
    ])]
    public function restore(string $id): JsonResponse
    {
        $design = $this->designs->evenRemoved($id);
        $design->removedAt = null;
        $this->entities->flush();

        return new JsonResponse($this->rail->sheet($design->job));
    }

    #[Route('/api/designs/{id}/approval', methods: 'POST')]
    #[OA\Post(path: '/api/designs/{id}/approval', operationId: 'approveDesign', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['version', 'by'],
            properties: [new OA\Property(property: 'version', type: 'integer'), new OA\Property(property: 'by', type: 'string')],
            type: 'object',
        ),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'Approved at its exact history step.',
            content: new OA\JsonContent(ref: '#/components/schemas/Approval'),
        ),
        new OA\Response(
            response: 409,
            description: 'The design changed since that version, so it is not what was approved.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function approve(string $id, Request $request): JsonResponse
    {
        $fields = Fields::fromJson($request->getContent());
        $by = $fields->text('by', 'Say who approved it.', 80);
        $design = $this->designs->at($id, $fields->number('version', 'Say which version was approved.', 1, \PHP_INT_MAX));
        $design->approval = new Approval($design->step, $by, new \DateTimeImmutable(), Approval::listOf($this->rosters->of($design->job)->roster()));
        $waiting = \array_filter($design->job->currentDesigns(), static fn ($other): bool => null === $other->approved());
        if ([] === $waiting && \in_array($design->job->state, [JobState::ToDesign, JobState::ToApprove], true)) {
            $job = $this->jobs->at($design->job->id, $design->job->version);
            $job->state = JobState::ToCut;
        }
        $this->entities->flush();

        return new JsonResponse(ApprovalShape::of($design));
    }

    #[Route('/api/designs/{id}/approval', methods: 'DELETE')]
    #[OA\Delete(path: '/api/designs/{id}/approval', operationId: 'withdrawApproval', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'No longer approved.', content: new OA\JsonContent(ref: '#/components/schemas/JobSheet')),
    ])]
    public function withdraw(string $id): JsonResponse
    {
        $design = $this->designs->get($id);
        $design->approval = new Approval();
        $this->entities->flush();

        return new JsonResponse($this->rail->sheet($design->job));
    }
}
