<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\Shop;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Entity\ShopUsage;

/** The shop's settings, and its films as designs use them. */
final readonly class ShopController
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    #[Route('/api/films', methods: 'GET')]
    #[OA\Get(path: '/api/films', operationId: 'listFilms', responses: [
        new OA\Response(
            response: 200,
            description: 'The film rack.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/DesignFilm')),
        ),
    ])]
    public function films(): JsonResponse
    {
        $films = $this->entities->getRepository(RackFilm::class)->findBy([], ['position' => 'ASC']);

        return self::jsonList(\array_map(static fn (RackFilm $film): string => $film->film, $films));
    }

    #[Route('/api/shop', methods: 'GET')]
    #[OA\Get(path: '/api/shop', operationId: 'showShop', responses: [
        new OA\Response(response: 200, description: 'Its name and unit.', content: new OA\JsonContent(ref: '#/components/schemas/Shop')),
    ])]
    public function show(): JsonResponse
    {
        return new JsonResponse(Shop::of($this->usage()));
    }

    #[Route('/api/shop', methods: 'PUT')]
    #[OA\Put(path: '/api/shop', operationId: 'saveShop', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/Shop'),
    ), responses: [
        new OA\Response(response: 200, description: 'Saved.', content: new OA\JsonContent(ref: '#/components/schemas/Shop')),
        new OA\Response(
            response: 409,
            description: 'It was changed elsewhere since that version; nothing was saved.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
        new OA\Response(response: 422, description: 'Invalid; nothing was saved.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function save(Request $request): JsonResponse
    {
        $shop = Shop::fromJson($request->getContent());
        $usage = $this->usage();
        if ($this->entities->contains($usage)) {
            $this->entities->lock($usage, LockMode::OPTIMISTIC, $shop->version);
        }
        $usage->name = $shop->name;
        $usage->unit = $shop->unit;
        $usage->compensates = $shop->compensates;
        $usage->layout = \json_encode($shop->layout, \JSON_THROW_ON_ERROR);
        $usage->press = \json_encode($shop->press, \JSON_THROW_ON_ERROR);
        $usage->rate = $shop->rate;
        $usage->weeding = \json_encode($shop->weeding, \JSON_THROW_ON_ERROR);
        $this->entities->persist($usage);
        $this->entities->flush();

        return new JsonResponse(Shop::of($usage));
    }

    private function usage(): ShopUsage
    {
        return $this->entities->find(ShopUsage::class, ShopUsage::ID) ?? new ShopUsage();
    }

    /** @param list<string> $entries JSON documents */
    private static function jsonList(array $entries): JsonResponse
    {
        return JsonResponse::fromJsonString('['.\implode(',', $entries).']');
    }
}
