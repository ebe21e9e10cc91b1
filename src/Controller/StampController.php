<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\Stamp;
use Uvret\App\Repository\Stamps;

/** Change stamps that open pages poll every few seconds. */
final readonly class StampController
{
    public function __construct(private Stamps $stamps)
    {
    }

    #[Route('/api/stamp', methods: 'GET')]
    #[OA\Get(path: '/api/stamp', operationId: 'stampOfShop', responses: [
        new OA\Response(
            response: 200,
            description: 'Changes whenever a job or design changes.',
            content: new OA\JsonContent(ref: '#/components/schemas/Stamp'),
        ),
    ])]
    public function ofShop(): JsonResponse
    {
        return new JsonResponse(new Stamp($this->stamps->ofShop()));
    }

    #[Route('/api/designs/{id}/stamp', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}/stamp', operationId: 'stampOfDesign', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'Version of the design as text; empty if it is gone.',
            content: new OA\JsonContent(ref: '#/components/schemas/Stamp'),
        ),
    ])]
    public function ofDesign(string $id): JsonResponse
    {
        return new JsonResponse(new Stamp($this->stamps->ofDesign($id)));
    }
}
