<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\MotifPieceCard;
use Uvret\Compose\Forms\MotifOutline;
use Uvret\Compose\Forms\MotifPieces;
use Uvret\Design\DesignReader;
use Uvret\Design\Motif;
use Uvret\Geometry\Affine;
use Uvret\Geometry\SvgPath;

/** The pieces of motifs. */
final readonly class MotifController
{
    public function __construct(private DesignReader $reader)
    {
    }

    #[Route('/api/motif-pieces', methods: 'POST')]
    #[OA\Post(path: '/api/motif-pieces', operationId: 'motifPieces', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['document', 'motif'],
            properties: [
                new OA\Property(property: 'document', ref: '#/components/schemas/Design'),
                new OA\Property(property: 'motif', type: 'string'),
            ],
            type: 'object',
        ),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'The current pieces of a motif, relative to its centre and before rotation.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/MotifPieceCard')),
        ),
    ])]
    public function pieces(Request $request): JsonResponse
    {
        $body = \json_decode($request->getContent());
        if (!\is_object($body) || !\is_object($body->document ?? null) || !\is_string($body->motif ?? null)) {
            throw BadRequest::shape('a document and the id of a motif');
        }
        $motifs = \array_column($this->reader->fromDocument($body->document)->motifs, null, 'id');
        $motif = $motifs[$body->motif] ?? throw BadRequest::field('motif', 'The design has no such motif.');

        return new JsonResponse(self::cards($motif));
    }

    /** @return list<MotifPieceCard> */
    private static function cards(Motif $motif): array
    {
        $cards = [];
        foreach (MotifPieces::of($motif, MotifOutline::drawn($motif, Affine::identity())) as $piece) {
            [$x, $y] = MotifPieces::point($motif, $piece['drawn']);
            $box = $piece['drawn']->bounds();
            $cards[] = new MotifPieceCard(
                colour: $piece['colour'],
                x: $x,
                y: -$y,
                path: SvgPath::inMicrometres($piece['region'], 0, 0),
                width: $box?->width() ?? 0,
                height: $box?->height() ?? 0,
                film: $piece['film'] ?? '',
                id: $piece['settings']?->id,
            );
        }

        return $cards;
    }
}
