<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\MarkPeople;
use Uvret\App\Api\Shape\ReadTable;
use Uvret\App\Api\Shape\SaveRoster;
use Uvret\App\Entity\PersonState;
use Uvret\App\Layout\LayoutDesk;
use Uvret\App\Names\ContactSheets;
use Uvret\App\Names\JobNames;
use Uvret\App\Names\PeopleAtWork;
use Uvret\App\Proof\Printing;
use Uvret\App\Repository\JobDesigns;
use Uvret\App\Repository\Jobs;
use Uvret\App\Repository\Rosters;
use Uvret\Roster\Import\TableReader;
use Uvret\Roster\ListFile;

/** A job's list of names, and its designs for each person. */
final readonly class NamesController
{
    /** People on one page of a contact sheet. */
    private const MOST = 200;

    public function __construct(
        private Jobs $jobs,
        private Rosters $rosters,
        private JobNames $names,
    ) {
    }

    #[Route('/api/jobs/{id}/names', methods: 'GET')]
    #[OA\Get(path: '/api/jobs/{id}/names', operationId: 'listNames', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'The list; empty at first.', content: new OA\JsonContent(ref: '#/components/schemas/Roster')),
    ])]
    public function show(string $id): JsonResponse
    {
        return new JsonResponse($this->names->card($this->rosters->of($this->jobs->get($id))));
    }

    #[Route('/api/jobs/{id}/names', methods: 'PUT')]
    #[OA\Put(path: '/api/jobs/{id}/names', operationId: 'saveNames', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveRoster')), responses: [
        new OA\Response(response: 200, description: 'Saved.', content: new OA\JsonContent(ref: '#/components/schemas/Roster')),
        new OA\Response(
            response: 409,
            description: 'It was changed elsewhere since that version; nothing was saved.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
        new OA\Response(response: 422, description: 'Not a valid list; nothing was saved.', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function save(string $id, Request $request): JsonResponse
    {
        $save = SaveRoster::fromJson($request->getContent());

        return new JsonResponse($this->names->card($this->rosters->save($this->jobs->get($id), $save->roster, $save->version)));
    }

    #[Route('/api/tables', methods: 'POST')]
    #[OA\Post(path: '/api/tables', operationId: 'readTable', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\MediaType(mediaType: 'application/octet-stream', schema: new OA\Schema(type: 'string', format: 'binary')),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'A CSV or XLSX file, or cells copied from a spreadsheet, as a table.',
            content: new OA\JsonContent(ref: '#/components/schemas/ReadTable'),
        ),
        new OA\Response(
            response: 422,
            description: 'It can’t be read; the detail says which row and why.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function read(Request $request): JsonResponse
    {
        return new JsonResponse(ReadTable::of(TableReader::read($request->getContent())));
    }

    #[Route('/api/jobs/{id}/names.csv', methods: 'GET')]
    public function file(string $id): Response
    {
        return new Response(ListFile::csv($this->rosters->of($this->jobs->get($id))->roster()), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$id-names.csv\"",
        ]);
    }

    #[Route('/api/designs/{id}/people', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}/people', operationId: 'contactSheet', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'from', description: 'Number of people to skip.', required: false, schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'count', description: 'Number of people to return, at most 200.', required: false, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'The lines with fields for these people, in list order.',
            content: new OA\JsonContent(ref: '#/components/schemas/ContactSheet'),
        ),
    ])]
    public function people(string $id, Request $request, JobDesigns $designs, ContactSheets $sheets): JsonResponse
    {
        $count = \min(self::MOST, \max(1, $request->query->getInt('count', self::MOST)));

        return new JsonResponse($sheets->of($designs->get($id), \max(0, $request->query->getInt('from')), $count));
    }

    #[Route('/api/jobs/{id}/people/state', methods: 'PUT')]
    #[OA\Put(path: '/api/jobs/{id}/people/state', operationId: 'markPeople', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/MarkPeople')), responses: [
        new OA\Response(
            response: 200,
            description: 'Marked; this lays nothing out.',
            content: new OA\JsonContent(ref: '#/components/schemas/Roster'),
        ),
    ])]
    public function mark(string $id, Request $request, PeopleAtWork $work): JsonResponse
    {
        $job = $this->jobs->get($id);
        $mark = MarkPeople::fromJson($request->getContent());
        PersonState::ToCut === $mark->state ? $work->spoil($job, $mark->people) : $work->mark($job, $mark->people, $mark->state);

        return $this->show($id);
    }

    #[Route('/api/jobs/{id}/people/again', methods: 'POST')]
    #[OA\Post(path: '/api/jobs/{id}/people/again', operationId: 'cutAgain', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/MarkPeople')), responses: [
        new OA\Response(
            response: 200,
            description: 'All their pieces are added to the layout in the Cut room.',
            content: new OA\JsonContent(ref: '#/components/schemas/Roster'),
        ),
        new OA\Response(
            response: 422,
            description: 'They can’t be cut yet; the detail says why.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function again(string $id, Request $request, PeopleAtWork $work, LayoutDesk $desk): JsonResponse
    {
        $job = $this->jobs->get($id);
        $mark = MarkPeople::fromJson($request->getContent());
        $desk->add($work->again($job, $mark->people));
        $work->spoil($job, $mark->people);

        return $this->show($id);
    }

    /** Everyone's lettering, for the customer to check and sign. */
    #[Route('/api/designs/{id}/names.pdf', methods: 'GET')]
    public function proof(string $id, JobDesigns $designs, ContactSheets $sheets, Printing $printing): Response
    {
        return new Response($printing->pdf(...$sheets->proof($designs->get($id))), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "attachment; filename=\"$id-names.pdf\"",
            'Cache-Control' => 'no-store',
        ]);
    }
}
