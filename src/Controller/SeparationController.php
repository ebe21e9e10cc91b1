<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\DesignName;
use Uvret\App\Api\Shape\FewerFilmsProposal;
use Uvret\App\Api\Shape\Pressed;
use Uvret\App\Api\Shape\SlipResult;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Jobs\FreeId;
use Uvret\App\Jobs\JobOpening;
use Uvret\App\Repository\JobDesigns;
use Uvret\Plan\Fewer\FewerFilms;
use Uvret\Plan\Fewer\Proposal;
use Uvret\Separate\Slip\SlipTest;

/** Checks of a design's films, requested when it is not being edited. */
final readonly class SeparationController
{
    public function __construct(
        private JobDesigns $designs,
        private DraftReader $drafts,
        private EntityManagerInterface $entities,
    ) {
    }

    #[Route('/api/designs/{id}/pressed', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}/pressed', operationId: 'pressed', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'The layers on the blank, and the film stacks.',
            content: new OA\JsonContent(ref: '#/components/schemas/Pressed'),
        ),
    ])]
    public function pressed(string $id): JsonResponse
    {
        return new JsonResponse(Pressed::of($this->drafts->draft($this->designs->get($id)->document)->plan));
    }

    #[Route('/api/designs/{id}/slip-test', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}/slip-test', operationId: 'slipTest', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'film', description: 'Film that slips.', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'distance', description: 'Distance in µm.', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(
            name: 'angle',
            description: 'Direction in degrees clockwise from the right; omit to find the worst one.',
            required: false,
            schema: new OA\Schema(type: 'number'),
        ),
    ], responses: [
        new OA\Response(response: 200, description: 'What shows that should not.', content: new OA\JsonContent(ref: '#/components/schemas/SlipResult')),
        new OA\Response(
            response: 422,
            description: 'Nothing is cut from that film, or the distance is too large.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function slip(string $id, Request $request): JsonResponse
    {
        $separation = $this->drafts->draft($this->designs->get($id)->document)->plan->separation;
        $film = $request->query->getString('film');
        if (null === $separation->layer($film)) {
            throw BadRequest::field('film', 'Nothing of this design is cut from that film.');
        }
        $distance = $request->query->getInt('distance');
        if ($distance < 0 || $distance > 10_000) {
            throw BadRequest::field('distance', 'Give a distance from 0 to 10 mm.');
        }
        $test = new SlipTest($separation, $film);
        $angle = $request->query->get('angle');

        return new JsonResponse(SlipResult::of(\is_numeric($angle) ? $test->towards($distance, (float) $angle) : $test->worst($distance), $test->safe()));
    }

    #[Route('/api/designs/{id}/fewer-films', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}/fewer-films', operationId: 'fewerFilms', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'The current design, then variants with fewer films, largest saving first.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/FewerFilmsProposal')),
        ),
    ])]
    public function fewer(string $id, FewerFilms $fewer): JsonResponse
    {
        $draft = $this->drafts->draft($this->designs->get($id)->document);
        $prices = [];
        foreach ($this->entities->getRepository(RackFilm::class)->findAll() as $film) {
            $price = \get_object_vars($film->entry())['price'] ?? 0;
            if ((\is_float($price) || \is_int($price)) && $price > 0) {
                $prices[$film->id] = (float) $price;
            }
        }

        return new JsonResponse([
            FewerFilmsProposal::from('', $draft->plan, $draft->document, $prices),
            ...\array_map(
                static fn (Proposal $proposal): FewerFilmsProposal => FewerFilmsProposal::of($proposal, $prices),
                $fewer->proposals($draft->document, $draft->plan),
            ),
        ]);
    }

    #[Route('/api/designs/{id}/variants', methods: 'POST')]
    #[OA\Post(path: '/api/designs/{id}/variants', operationId: 'makeVariant', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['document'],
            properties: [new OA\Property(property: 'document', ref: '#/components/schemas/Design')],
            type: 'object',
        ),
    ), responses: [
        new OA\Response(
            response: 201,
            description: 'A new design in the same job; the original is unchanged.',
            content: new OA\JsonContent(ref: '#/components/schemas/DesignName'),
        ),
        new OA\Response(response: 422, description: 'Not a valid design; nothing was created.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function variant(string $id, Request $request, JobOpening $opening, FreeId $freeId): JsonResponse
    {
        $body = \json_decode($request->getContent());
        if (!$body instanceof \stdClass || !\is_object($body->document ?? null)) {
            throw BadRequest::shape('an object with a document');
        }
        $design = $this->designs->get($id);
        $draft = $this->drafts->draft($body->document);
        $count = \count($draft->plan->separation->layers);
        $films = 1 === $count ? 'one film' : "$count films";
        $document = ['name' => \mb_substr($draft->plan->design->name, 0, 100).", $films"] + \get_object_vars($draft->document);
        $variant = $opening->addDesign($design->job, $freeId->for($design->job->title), $this->drafts->encode((object) $document));
        $this->entities->flush();

        return new JsonResponse(DesignName::of($variant), 201);
    }
}
