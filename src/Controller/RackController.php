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
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\RackEntry;
use Uvret\App\Api\Shape\UsualLayering;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Entity\ShopUsage;
use Uvret\Design\DesignReader;
use Uvret\Design\RackFilmReader;

/** The shop's film rack and default layering. */
final readonly class RackController
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    #[Route('/api/film-rack', methods: 'GET')]
    #[OA\Get(path: '/api/film-rack', operationId: 'listRack', responses: [
        new OA\Response(
            response: 200,
            description: 'All films on the rack.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/RackEntry')),
        ),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse(\array_map(
            RackEntry::of(...),
            $this->entities->getRepository(RackFilm::class)->findBy([], ['position' => 'ASC', 'id' => 'ASC']),
        ));
    }

    #[Route('/api/film-rack/{id}', methods: 'PUT')]
    #[OA\Put(path: '/api/film-rack/{id}', operationId: 'saveRackFilm', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/RackEntry')), responses: [
        new OA\Response(
            response: 200,
            description: 'Saved; version 0 creates a new one. Designs keep their copy.',
            content: new OA\JsonContent(ref: '#/components/schemas/RackEntry'),
        ),
        new OA\Response(
            response: 409,
            description: 'It was changed elsewhere since that version; nothing was saved.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
        new OA\Response(response: 422, description: 'Not a valid film; nothing was saved.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function save(string $id, Request $request, RackFilmReader $reader): JsonResponse
    {
        $body = \json_decode($request->getContent());
        if (!$body instanceof \stdClass || !\is_int($body->version ?? null) || !\is_object($body->entry ?? null)) {
            throw BadRequest::shape('an object with a version and an entry');
        }
        $reader->check($body->entry);
        $own = \get_object_vars($body->entry)['film'] ?? null;
        if (!\is_object($own) || $id !== (\get_object_vars($own)['id'] ?? null)) {
            throw BadRequest::field('film/id', 'The film’s id must be the one in the address.');
        }
        $film = $this->entities->find(RackFilm::class, $id);
        if (null === $film) {
            if ($body->version > 0) {
                throw new NotFoundHttpException('This film was taken off the rack in another window. Go back to the rack; what you typed is not saved.');
            }
            $film = new RackFilm($id, $this->entities->getRepository(RackFilm::class)->count(), '{}');
            $this->entities->persist($film);
        } else {
            $this->entities->lock($film, LockMode::OPTIMISTIC, $body->version);
        }
        $film->take($body->entry);
        $this->entities->flush();

        return new JsonResponse(RackEntry::of($film));
    }

    #[Route('/api/film-rack/{id}', methods: 'DELETE')]
    #[OA\Delete(path: '/api/film-rack/{id}', operationId: 'removeRackFilm', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'Removed from the rack; designs keep their copy.',
            content: new OA\JsonContent(ref: '#/components/schemas/RackEntry'),
        ),
    ])]
    public function remove(string $id): JsonResponse
    {
        $film = $this->entities->find(RackFilm::class, $id) ?? throw new NotFoundHttpException('The rack has no such film.');
        if (1 === $this->entities->getRepository(RackFilm::class)->count()) {
            throw BadRequest::field('film', 'It is the only film on the rack: put another one on it first.');
        }
        $entry = RackEntry::of($film);
        $this->entities->remove($film);
        $this->entities->flush();

        return new JsonResponse($entry);
    }

    #[Route('/api/usual-layering', methods: 'GET')]
    #[OA\Get(path: '/api/usual-layering', operationId: 'usualLayering', responses: [
        new OA\Response(response: 200, description: 'What new designs start with.', content: new OA\JsonContent(ref: '#/components/schemas/UsualLayering')),
    ])]
    public function usual(DesignReader $reader): JsonResponse
    {
        $usage = $this->entities->find(ShopUsage::class, ShopUsage::ID) ?? new ShopUsage();
        $layering = \json_decode($usage->layering, false, 16, \JSON_THROW_ON_ERROR);
        \assert(\is_object($layering));
        $reader->completeLayering($layering);

        return new JsonResponse(new UsualLayering($layering));
    }

    #[Route('/api/usual-layering', methods: 'PUT')]
    #[OA\Put(path: '/api/usual-layering', operationId: 'saveUsualLayering', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/UsualLayering'),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'Saved; existing designs are unchanged.',
            content: new OA\JsonContent(ref: '#/components/schemas/UsualLayering'),
        ),
        new OA\Response(
            response: 422,
            description: 'Not a valid layering; nothing was saved.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function saveUsual(Request $request, DesignReader $reader): JsonResponse
    {
        $body = \json_decode($request->getContent());
        if (!$body instanceof \stdClass || !\is_object($body->layering ?? null)) {
            throw BadRequest::shape('an object with a layering');
        }
        $reader->completeLayering($body->layering);
        $usage = $this->entities->find(ShopUsage::class, ShopUsage::ID) ?? new ShopUsage();
        $usage->layering = \json_encode($body->layering, \JSON_THROW_ON_ERROR);
        $this->entities->persist($usage);
        $this->entities->flush();

        return new JsonResponse(new UsualLayering($body->layering));
    }
}
