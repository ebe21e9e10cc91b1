<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Rail;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\ChangeJob;
use Uvret\App\Api\Shape\Fields;
use Uvret\App\Api\Shape\NewJob;
use Uvret\App\Entity\Item;
use Uvret\App\Jobs\JobList;
use Uvret\App\Jobs\JobOpening;
use Uvret\App\Jobs\JobSums;
use Uvret\App\Repository\Jobs;

/** The rail, and each job's sheet. */
final readonly class JobController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Jobs $jobs,
        private Rail $rail,
        private JobOpening $opening,
    ) {
    }

    #[Route('/api/jobs', methods: 'GET')]
    #[OA\Get(path: '/api/jobs', operationId: 'listJobs', parameters: [
        new OA\QueryParameter(name: 'list', required: false, schema: new OA\Schema(type: 'string', enum: ['rail', 'done', 'archived'])),
        new OA\QueryParameter(
            name: 'find',
            description: 'Text found in title, customer, state, words, blanks or films.',
            required: false,
            schema: new OA\Schema(type: 'string'),
        ),
        new OA\QueryParameter(name: 'from', description: 'Number of jobs to skip.', required: false, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'Jobs of a list: next due first on the rail, latest first elsewhere.',
            content: new OA\JsonContent(ref: '#/components/schemas/Rail'),
        ),
    ])]
    public function list(Request $request): JsonResponse
    {
        $list = JobList::tryFrom($request->query->getString('list', 'rail')) ?? throw BadRequest::field('list', 'Ask for rail, done or archived.');

        return new JsonResponse($this->rail->page($list, $request->query->getString('find'), \max(0, $request->query->getInt('from'))));
    }

    #[Route('/api/jobs', methods: 'POST')]
    #[OA\Post(path: '/api/jobs', operationId: 'openJob', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/NewJob'),
    ), responses: [
        new OA\Response(response: 201, description: 'Added to the rail with an empty design.', content: new OA\JsonContent(ref: '#/components/schemas/JobCard')),
        new OA\Response(
            response: 422,
            description: 'Something is missing; nothing was created.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function open(Request $request): JsonResponse
    {
        $job = $this->opening->open(NewJob::fromJson($request->getContent()));

        return new JsonResponse($this->rail->card($job), 201);
    }

    #[Route('/api/jobs/{id}', methods: 'GET')]
    #[OA\Get(path: '/api/jobs/{id}', operationId: 'showJob', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'The job with its items and designs.', content: new OA\JsonContent(ref: '#/components/schemas/JobSheet')),
        new OA\Response(response: 404, description: 'There is no such job.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function show(string $id): JsonResponse
    {
        return new JsonResponse($this->rail->sheet($this->jobs->get($id)));
    }

    #[Route('/api/jobs/{id}/sum', methods: 'GET')]
    #[OA\Get(path: '/api/jobs/{id}/sum', operationId: 'sumJob', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Film, time and cost.', content: new OA\JsonContent(ref: '#/components/schemas/JobSum')),
    ])]
    public function sum(string $id, JobSums $sums): JsonResponse
    {
        return new JsonResponse($sums->of($this->jobs->get($id)));
    }

    #[Route('/api/jobs/{id}', methods: 'PUT')]
    #[OA\Put(path: '/api/jobs/{id}', operationId: 'changeJob', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ChangeJob')), responses: [
        new OA\Response(response: 200, description: 'Changed.', content: new OA\JsonContent(ref: '#/components/schemas/JobSheet')),
        new OA\Response(
            response: 409,
            description: 'It was changed elsewhere since that version; nothing was changed.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
        new OA\Response(
            response: 422,
            description: 'Something is missing; nothing was changed.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function change(string $id, Request $request): JsonResponse
    {
        $change = ChangeJob::fromJson($request->getContent());
        $job = $this->jobs->at($id, $change->version);
        $job->title = $change->title;
        $job->customer = $change->customer;
        $job->due = $change->due;
        $job->state = $change->state;
        $job->price = $change->price ?? $job->price;
        $job->items->clear();
        foreach ($change->items as $position => $item) {
            $job->items->add(new Item($job, $position, $item->blank, $item->size, $item->quantity));
        }
        $this->entities->flush();

        return $this->show($id);
    }

    #[Route('/api/jobs/{id}/duplicate', methods: 'POST')]
    #[OA\Post(path: '/api/jobs/{id}/duplicate', operationId: 'duplicateJob', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(required: ['due'], properties: [new OA\Property(property: 'due', type: 'string', format: 'date')], type: 'object'),
    ), responses: [
        new OA\Response(response: 201, description: 'A copy of the job, due on that day.', content: new OA\JsonContent(ref: '#/components/schemas/JobSheet')),
    ])]
    public function duplicate(string $id, Request $request): JsonResponse
    {
        $due = Fields::fromJson($request->getContent())->day('due', 'Choose the day the job is due.');
        $copy = $this->opening->openLike($this->jobs->get($id), $due);

        return new JsonResponse($this->rail->sheet($copy), 201);
    }

    #[Route('/api/jobs/{id}/archive', methods: 'POST')]
    #[OA\Post(path: '/api/jobs/{id}/archive', operationId: 'archiveJob', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Archived; nothing is lost.', content: new OA\JsonContent(ref: '#/components/schemas/JobSheet')),
    ])]
    public function archive(string $id): JsonResponse
    {
        return $this->archived($id, new \DateTimeImmutable());
    }

    #[Route('/api/jobs/{id}/reopen', methods: 'POST')]
    #[OA\Post(path: '/api/jobs/{id}/reopen', operationId: 'reopenJob', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Restored to the rail.', content: new OA\JsonContent(ref: '#/components/schemas/JobSheet')),
    ])]
    public function reopen(string $id): JsonResponse
    {
        return $this->archived($id, null);
    }

    private function archived(string $id, ?\DateTimeImmutable $at): JsonResponse
    {
        $job = $this->jobs->get($id);
        $this->jobs->at($id, $job->version)->archivedAt = $at;
        $this->entities->flush();

        return $this->show($id);
    }
}
