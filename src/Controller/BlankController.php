<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\BlankEntry;
use Uvret\App\Entity\ShopBlank;
use Uvret\Blanks\BlankException;
use Uvret\Blanks\Drawing;
use Uvret\Design\ShopBlankReader;

/** The shop's blanks and their drawings. */
final readonly class BlankController
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    #[Route('/api/blanks', methods: 'GET')]
    #[OA\Get(path: '/api/blanks', operationId: 'listBlanks', responses: [
        new OA\Response(
            response: 200,
            description: 'The blanks with their sizes and placements.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/BlankEntry')),
        ),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse(\array_map(
            BlankEntry::of(...),
            $this->entities->getRepository(ShopBlank::class)->findBy([], ['position' => 'ASC', 'id' => 'ASC']),
        ));
    }

    #[Route('/api/blanks/{id}', methods: 'PUT')]
    #[OA\Put(path: '/api/blanks/{id}', operationId: 'saveBlank', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/BlankEntry')), responses: [
        new OA\Response(response: 200, description: 'Saved; version 0 creates a new one.', content: new OA\JsonContent(ref: '#/components/schemas/BlankEntry')),
        new OA\Response(
            response: 409,
            description: 'It was changed elsewhere since that version; nothing was saved.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
        new OA\Response(response: 422, description: 'Not a valid blank; nothing was saved.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function save(string $id, Request $request, ShopBlankReader $reader): JsonResponse
    {
        $body = \json_decode($request->getContent());
        if (!\is_object($body) || !\is_int($body->version ?? null) || !\is_object($body->blank ?? null)) {
            throw BadRequest::shape('an object with a version and a blank');
        }
        $reader->check($body->blank);
        if ($id !== ($body->blank->id ?? null)) {
            throw BadRequest::field('id', 'The blank’s id must be the one in the address.');
        }
        $text = \json_encode($body->blank, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
        $blank = $this->entities->find(ShopBlank::class, $id);
        if (null === $blank) {
            if ($body->version > 0) {
                throw new NotFoundHttpException('This blank was removed in another window. Go back to the blanks; what you typed is not saved.');
            }
            $blank = new ShopBlank($id, $this->entities->getRepository(ShopBlank::class)->count(), $text);
            $this->entities->persist($blank);
        } else {
            $this->entities->lock($blank, LockMode::OPTIMISTIC, $body->version);
            $blank->blank = $text;
        }
        $this->entities->flush();

        return new JsonResponse(BlankEntry::of($blank));
    }

    #[Route('/api/blanks/{id}', methods: 'DELETE')]
    #[OA\Delete(path: '/api/blanks/{id}', operationId: 'removeBlank', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'Removed; designs keep their copy.',
            content: new OA\JsonContent(ref: '#/components/schemas/BlankEntry'),
        ),
    ])]
    public function remove(string $id): JsonResponse
    {
        $blank = $this->entities->find(ShopBlank::class, $id) ?? throw new NotFoundHttpException('The shop has no such blank.');
        $entry = BlankEntry::of($blank);
        $this->entities->remove($blank);
        $this->entities->flush();

        return new JsonResponse($entry);
    }

    #[Route('/api/drawings/{drawing}.svg', methods: 'GET')]
    public function drawing(string $drawing, Request $request): Response
    {
        $colour = $request->query->getString('colour');
        if (1 !== \preg_match('/^[0-9A-Fa-f]{6}$/', $colour)) {
            throw BadRequest::field('colour', 'Give a colour like 2F5D62.');
        }
        try {
            $svg = Drawing::named($drawing)->svg("#$colour", 'aside' === $request->query->getString('cords'));
        } catch (BlankException $e) {
            throw new NotFoundHttpException($e->getMessage(), $e);
        }

        return new Response($svg, 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'max-age=86400']);
    }
}
