<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Rail;
use Uvret\App\Entity\Job;

final readonly class JobController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Rail $rail,
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
}
