<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\SizedDesign;
use Uvret\App\Names\BlankSizes;
use Uvret\App\Repository\JobDesigns;

/** A design on all sizes of its blank. */
final readonly class SizeController
{
    public function __construct(
        private JobDesigns $designs,
        private DraftReader $drafts,
        private BlankSizes $sizes,
    ) {
    }

    #[Route('/api/designs/{id}/sizes', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}/sizes', operationId: 'listSizes', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'In the order of the shop’s blanks; for a blank not among them, only the design’s size.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/SizedDesign')),
        ),
    ])]
    public function list(string $id): JsonResponse
    {
        $draft = $this->drafts->draft($this->designs->get($id)->document);
        $own = $draft->plan->design->blank->size;
        $set = $this->sizes->of($draft->document);

        return new JsonResponse(\array_map(function (string $size) use ($draft, $set, $own): SizedDesign {
            $document = $set->document($draft->document, $size);
            $plan = $document === $draft->document ? $draft->plan : $this->drafts->draft($document)->plan;

            return SizedDesign::of($size, $own, $size === $own || $document !== $draft->document, $plan);
        }, $set->sizes() ?: [$own]));
    }
}
