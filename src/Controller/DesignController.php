<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Drafting;
use Uvret\App\Api\Shape\OpenDesign;
use Uvret\App\Api\Shape\SavedDesign;
use Uvret\App\Api\Shape\SaveDesign;
use Uvret\App\Api\Shape\Sheet;
use Uvret\App\Entity\JobDesign;

final readonly class DesignController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Drafting $drafting,
    ) {
    }

    #[Route('/api/designs/{id}', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}', operationId: 'openDesign', parameters: [new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'The document, and all that was worked out from it.', content: new OA\JsonContent(ref: '#/components/schemas/OpenDesign')),
        new OA\Response(response: 404, description: 'There is no such design.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function open(string $id): JsonResponse
    {
        $design = $this->find($id);

        return new JsonResponse(new OpenDesign(
            $design->id,
            $design->job->id,
            $design->job->title,
            $design->version,
            $design->savedAt->format(\DATE_ATOM),
            $this->drafting->decode($design->document),
            Sheet::of($this->drafting->plan($design->document)),
        ));
    }

    #[Route('/api/designs/{id}', methods: 'PUT')]
    #[OA\Put(path: '/api/designs/{id}', operationId: 'saveDesign', parameters: [new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveDesign')), responses: [
        new OA\Response(response: 200, description: 'Saved.', content: new OA\JsonContent(ref: '#/components/schemas/SavedDesign')),
        new OA\Response(response: 409, description: 'It was changed elsewhere since that version; nothing was saved.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'The document is not a design; nothing was saved.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function save(string $id, Request $request): JsonResponse
    {
        $save = SaveDesign::fromJson($request->getContent());
        $design = $this->find($id);
        $this->entities->lock($design, LockMode::OPTIMISTIC, $save->version);
        $plan = $this->drafting->planOf($save->document);
        $design->document = $this->drafting->encode($save->document);
        $design->savedAt = new \DateTimeImmutable();
        $this->entities->flush();

        return new JsonResponse(new SavedDesign($design->version, $design->savedAt->format(\DATE_ATOM), Sheet::of($plan)));
    }

    private function find(string $id): JobDesign
    {
        return $this->entities->find(JobDesign::class, $id) ?? throw new NotFoundHttpException('There is no such design. It may have been removed; go back to the jobs.');
    }
}
