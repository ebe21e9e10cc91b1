<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\JobOpening;
use Uvret\App\Api\Rail;
use Uvret\App\Api\Shape\NewJob;
use Uvret\App\Entity\Job;

final readonly class JobController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Rail $rail,
        private JobOpening $opening,
    ) {
    }

    #[Route('/api/jobs', methods: 'GET')]
    #[OA\Get(path: '/api/jobs', operationId: 'listJobs', responses: [
        new OA\Response(response: 200, description: 'All jobs, the next due first.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/JobCard'))),
    ])]
    public function list(): JsonResponse
    {
        $jobs = $this->entities->getRepository(Job::class)->findBy([], ['due' => 'ASC', 'id' => 'ASC']);

        return new JsonResponse(\array_map($this->rail->card(...), $jobs));
    }

    #[Route('/api/jobs', methods: 'POST')]
    #[OA\Post(path: '/api/jobs', operationId: 'openJob', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewJob')), responses: [
        new OA\Response(response: 201, description: 'On the rail, with an empty design.', content: new OA\JsonContent(ref: '#/components/schemas/JobCard')),
        new OA\Response(response: 422, description: 'Something is missing; nothing was made.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function open(Request $request): JsonResponse
    {
        $job = $this->opening->open(NewJob::fromJson($request->getContent()));

        return new JsonResponse($this->rail->card($job), 201);
    }
}
