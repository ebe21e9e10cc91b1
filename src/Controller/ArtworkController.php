<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\ReadArtwork;
use Uvret\App\Type\TypeCaseOutlines;
use Uvret\Artwork\ArtworkException;
use Uvret\Artwork\MotifPaths;
use Uvret\Artwork\SvgReader;

/** Reads pictures for motifs. */
final readonly class ArtworkController
{
    public function __construct(private TypeCaseOutlines $letters)
    {
    }

    #[Route('/api/artwork', methods: 'POST')]
    #[OA\Post(path: '/api/artwork', operationId: 'readArtwork', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\MediaType(mediaType: 'image/svg+xml', schema: new OA\Schema(type: 'string', format: 'binary')),
    ), responses: [
        new OA\Response(response: 200, description: 'Its shapes by colour.', content: new OA\JsonContent(ref: '#/components/schemas/ReadArtwork')),
        new OA\Response(
            response: 422,
            description: 'It can’t be read; the detail says why.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function read(Request $request): JsonResponse
    {
        try {
            $artwork = (new SvgReader($this->letters))->read($request->getContent());
        } catch (ArtworkException $e) {
            throw BadRequest::field('artwork', $e->getMessage());
        }
        $motif = MotifPaths::of($artwork);

        return new JsonResponse(new ReadArtwork($motif->width, $motif->height, $motif->colours, $artwork->notes));
    }
}
