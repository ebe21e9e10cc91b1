<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Shape\AddedFont;
use Uvret\App\Api\Shape\FontCard;
use Uvret\App\Api\Shape\GlyphCard;
use Uvret\App\Type\FontArrival;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;
use Uvret\Geometry\SvgPath;
use Uvret\Type\FolderTypeCase;
use Uvret\Type\FontEntry;
use Uvret\Type\TypeCase;

/** The type case. */
final readonly class FontController
{
    public function __construct(
        private TypeCase $typeCase,
        #[Autowire(service: 'uvret.shop_fonts')] private FolderTypeCase $shopFonts,
    ) {
    }

    #[Route('/api/fonts', methods: 'GET')]
    #[OA\Get(path: '/api/fonts', operationId: 'listFonts', responses: [
        new OA\Response(
            response: 200,
            description: 'The type case.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/FontCard')),
        ),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse(\array_map($this->card(...), $this->typeCase->entries()));
    }

    #[Route('/api/fonts', methods: 'POST')]
    #[OA\Post(path: '/api/fonts', operationId: 'addFont', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\MediaType(mediaType: 'application/octet-stream', schema: new OA\Schema(type: 'string', format: 'binary')),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'Added to the type case and ready to use.',
            content: new OA\JsonContent(ref: '#/components/schemas/AddedFont'),
        ),
        new OA\Response(
            response: 422,
            description: 'Not a usable font; the detail says why.',
            content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
        ),
    ])]
    public function add(Request $request, FontArrival $arrival): JsonResponse
    {
        ['entry' => $entry, 'known' => $known, 'note' => $note] = $arrival->take($request->getContent());

        return new JsonResponse(new AddedFont($this->card($entry), $known, $note));
    }

    #[Route('/api/fonts/{id}.ttf', methods: 'GET')]
    public function file(string $id): Response
    {
        $file = $this->typeCase->file($id) ?? throw new NotFoundHttpException('The type case has no such font.');

        return (new BinaryFileResponse($file, 200, ['Content-Type' => 'font/ttf']))->setMaxAge(86400);
    }

    #[Route('/api/fonts/{id}/glyphs', methods: 'GET')]
    #[OA\Get(path: '/api/fonts/{id}/glyphs', operationId: 'listGlyphs', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'search', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'after', description: 'Number of glyphs to skip.', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'Up to 120 glyphs that match the search, those without a character first.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/GlyphCard')),
        ),
    ])]
    public function glyphs(string $id, Request $request): JsonResponse
    {
        $font = $this->typeCase->font($id);
        $search = \mb_strtolower(\trim($request->query->getString('search')));
        $found = [];
        foreach ($font->glyphs() as $glyph => ['name' => $name, 'character' => $character, 'called' => $called]) {
            if ('' === $search || $character === $search || \str_contains(\mb_strtolower("$name $called glyph $glyph"), $search)) {
                $found[$glyph] = [$character, '' !== $name ? $name : ('' !== $called ? $called : "glyph $glyph")];
            }
        }
        \uasort($found, static fn (array $a, array $b): int => ('' === $a[0] ? 0 : 1) <=> ('' === $b[0] ? 0 : 1));
        $after = \max(0, $request->query->getInt('after'));
        $cards = [];
        $scale = Affine::scale(20000 / $font->unitsPerEm);
        foreach ($found as $glyph => [, $name]) {
            if ($font->outline($glyph)->isEmpty() || --$after >= 0) {
                continue;
            }
            $region = Region::fromRings(Flattening::rings($font->outline($glyph), $scale, 40));
            $box = $region->bounds();
            if (null !== $box) {
                $cards[] = new GlyphCard($glyph, $name, SvgPath::inMicrometres($region, 0, 0), $box->left, -$box->top, $box->width(), $box->height());
            }
            if (\count($cards) >= 120) {
                break;
            }
        }

        return new JsonResponse($cards);
    }

    private function card(FontEntry $entry): FontCard
    {
        return FontCard::of($entry, null !== $this->shopFonts->entry($entry->id));
    }
}
