<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\BlankEntry;
use Uvret\App\Api\Shape\BlankMeasure;
use Uvret\App\Api\Shape\Fields;
use Uvret\App\Entity\ShopBlank;
use Uvret\Blanks\BlankException;
use Uvret\Blanks\Drawing;
use Uvret\Blanks\Measuring\Between;
use Uvret\Blanks\Measuring\MeasuredSize;
use Uvret\Blanks\Measuring\MeasuringException;

/** Measuring blanks: the measures to take and the sizes computed from them. Saves nothing. */
final readonly class MeasuringController
{
    private const MOST_BETWEEN = 10;

    #[Route('/api/drawings/{drawing}/measures', methods: 'GET')]
    #[OA\Get(path: '/api/drawings/{drawing}/measures', operationId: 'listMeasures', parameters: [
        new OA\PathParameter(name: 'drawing', required: true, schema: new OA\Schema(ref: '#/components/schemas/DesignDrawing')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'Measures to take on such a blank, in order.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/BlankMeasure')),
        ),
    ])]
    public function measures(string $drawing): JsonResponse
    {
        return new JsonResponse(\array_map(BlankMeasure::of(...), self::drawing($drawing)->measures()));
    }

    #[Route('/api/drawings/{drawing}/measured', methods: 'POST')]
    #[OA\Post(path: '/api/drawings/{drawing}/measured', operationId: 'measureBlank', parameters: [
        new OA\PathParameter(name: 'drawing', required: true, schema: new OA\Schema(ref: '#/components/schemas/DesignDrawing')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['size', 'measures'], properties: [
        new OA\Property(property: 'size', description: 'Name of the size.', type: 'string', maxLength: 20),
        new OA\Property(
            property: 'measures',
            description: 'Measures by name, in µm.',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'integer'),
        ),
    ], type: 'object')), responses: [
        new OA\Response(
            response: 200,
            description: 'The size with its usual areas and keep-off places; not saved yet.',
            content: new OA\JsonContent(ref: '#/components/schemas/DesignBlankSize'),
        ),
        new OA\Response(
            response: 422,
            description: 'A measure is missing or impossible; `path` names it.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function measured(string $drawing, Request $request): JsonResponse
    {
        self::drawing($drawing);
        $fields = Fields::fromJson($request->getContent());
        $body = \json_decode($request->getContent());
        /** @var array<string, int> $measures */
        $measures = [];
        foreach ($body instanceof \stdClass && $body->measures instanceof \stdClass ? \get_object_vars($body->measures) : [] as $name => $length) {
            $measures[(string) $name] = \is_int($length) ? $length : throw BadRequest::field($name, 'Type a length.');
        }
        try {
            return new JsonResponse(MeasuredSize::of($drawing, $fields->text('size', 'Say what the size is called.', 20), $measures));
        } catch (MeasuringException $e) {
            throw BadRequest::field($e->measure, $e->getMessage());
        }
    }

    #[Route('/api/blanks/{id}/between', methods: 'POST')]
    #[OA\Post(path: '/api/blanks/{id}/between', operationId: 'sizesBetween', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['from', 'to', 'names'], properties: [
        new OA\Property(property: 'from', description: 'First size.', type: 'string'),
        new OA\Property(property: 'to', description: 'Last size.', type: 'string'),
        new OA\Property(
            property: 'names',
            description: 'Names of the sizes between, from first to last.',
            type: 'array',
            items: new OA\Items(type: 'string'),
        ),
    ], type: 'object')), responses: [
        new OA\Response(
            response: 200,
            description: 'The sizes between in even steps; not saved yet.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/DesignBlankSize')),
        ),
        new OA\Response(response: 422, description: 'The blank lacks one of the two sizes.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function between(string $id, Request $request, EntityManagerInterface $entities): JsonResponse
    {
        $entry = $entities->find(ShopBlank::class, $id) ?? throw new NotFoundHttpException('The shop has no such blank.');
        $fields = Fields::fromJson($request->getContent());
        $names = self::names(\json_decode($request->getContent()));
        /** @var object{sizes: list<\stdClass&object{size: string}>} $blank */
        $blank = BlankEntry::of($entry)->blank;
        $sizes = \array_column($blank->sizes, null, 'size');
        $from = $sizes[$fields->text('from', 'Choose a size.', 20)] ?? throw BadRequest::field('from', 'The blank has no such size.');
        $to = $sizes[$fields->text('to', 'Choose a size.', 20)] ?? throw BadRequest::field('to', 'The blank has no such size.');
        if ($from === $to) {
            throw BadRequest::field('to', 'Sizes in between need two different sizes. Choose another one.');
        }
        foreach ($names as $at => $name) {
            if (isset($sizes[$name]) || \in_array($name, \array_slice($names, 0, $at), true)) {
                throw BadRequest::field('names', "The blank has the size “{$name}” already. Give it another name.");
            }
        }

        return new JsonResponse(Between::sizes($from, $to, $names));
    }

    /** @return non-empty-list<string> */
    private static function names(mixed $body): array
    {
        $given = $body instanceof \stdClass && \is_array($body->names ?? null) ? $body->names : [];
        $names = [];
        foreach ($given as $name) {
            $names[] = \is_string($name) && '' !== \trim($name) && \mb_strlen($name) <= 20
                ? \trim($name)
                : throw BadRequest::field('names', 'Give each size a name of up to 20 characters.');
        }
        if ([] === $names || \count($names) > self::MOST_BETWEEN) {
            throw BadRequest::field('names', 'Name one to ten sizes, parted by commas.');
        }

        return $names;
    }

    private static function drawing(string $name): Drawing
    {
        try {
            return Drawing::named($name);
        } catch (BlankException $e) {
            throw new NotFoundHttpException($e->getMessage(), $e);
        }
    }
}
