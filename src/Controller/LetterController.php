<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\Frame;
use Uvret\App\Api\Shape\Losses;
use Uvret\App\Api\Shape\MendedJoins;
use Uvret\App\Api\Shape\SheetSnag;
use Uvret\App\Api\Shape\TryOut;
use Uvret\App\Api\Shape\WordForm;
use Uvret\App\Repository\JobDesigns;
use Uvret\Compose\Joining\JoinMender;
use Uvret\Compose\Joining\Mend;
use Uvret\Compose\LetterForms;
use Uvret\Cut\CutSheet;
use Uvret\Design\Line;
use Uvret\Geometry\SvgPath;
use Uvret\Plan\Plan;
use Uvret\Snags\JointSnags;
use Uvret\Snags\LossFinder;
use Uvret\Snags\LossSnags;
use Uvret\Snags\Snag;
use Uvret\Snags\SnagKind;
use Uvret\Type\TypeCase;

/** Letters of a line: alternates, fonts, losses, joins. */
final readonly class LetterController
{
    public function __construct(
        private DraftReader $drafts,
        private TypeCase $typeCase,
    ) {
    }

    #[Route('/api/letter-forms', methods: 'POST')]
    #[OA\Post(path: '/api/letter-forms', operationId: 'listLetterForms', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['document', 'line', 'at'],
            properties: [
                new OA\Property(property: 'document', ref: '#/components/schemas/Design'),
                new OA\Property(property: 'line', type: 'string'),
                new OA\Property(property: 'at', type: 'integer'),
            ],
            type: 'object',
        ),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'The letter’s word with each alternate of the font.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/WordForm')),
        ),
    ])]
    public function forms(Request $request): JsonResponse
    {
        [, $line, $body] = $this->line($request);
        $at = $body->at ?? null;
        if (!\is_int($at) || $at < 0 || $at >= \mb_strlen($line->lettering->words)) {
            throw BadRequest::field('at', 'The line has no such letter.');
        }

        return new JsonResponse(\array_map(WordForm::of(...), LetterForms::of($line->lettering, $at, $this->typeCase->font($line->lettering->font))));
    }

    #[Route('/api/try-outs', methods: 'POST')]
    #[OA\Post(path: '/api/try-outs', operationId: 'tryOut', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['document', 'line', 'fonts'],
            properties: [
                new OA\Property(property: 'document', ref: '#/components/schemas/Design'),
                new OA\Property(property: 'line', type: 'string'),
                new OA\Property(property: 'fonts', type: 'array', maxItems: 12, items: new OA\Items(type: 'string')),
            ],
            type: 'object',
        ),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'The line in each font at its current ink width.',
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/TryOut')),
        ),
    ])]
    public function tryOut(Request $request, LossFinder $finder): JsonResponse
    {
        [$plan, $line, $body] = $this->line($request);
        $fonts = \is_array($body->fonts ?? null) ? \array_slice(\array_filter($body->fonts, \is_string(...)), 0, 12) : [];
        $width = 100_000;
        foreach ($plan->composition->parts as $part) {
            $width = $part->card === $line->id && $part->width > 0 ? $part->width : $width;
        }
        $tries = [];
        foreach ($fonts as $font) {
            // Only this line, in the other font.
            $own = clone $this->lineDocument($body, $line->id);
            $own->hidden = false;
            $own->lettering = self::otherwise($own->lettering, ['font' => $font, 'letters' => [], 'features' => []]);
            $own->size = self::otherwise($own->size, ['by' => 'width', 'length' => $width]);
            $own->place = self::otherwise($own->place, ['turn' => 0]);
            unset($own->stacking);
            $document = self::otherwise($body->document, ['lines' => [$own]]);
            $tried = $this->drafts->draft($document)->plan;
            $part = $tried->composition->parts[0];
            $loss = $finder->find($tried->design, $part);
            $snags = [
                ...\array_filter($tried->snags, static fn (Snag $snag): bool => SnagKind::OutsideArea !== $snag->kind),
                ...(null === $loss ? [] : LossSnags::of($tried->design, $loss)),
            ];
            $tries[] = new TryOut(
                $font,
                SvgPath::inMicrometres($part->region, 0, 0),
                null === $part->ink ? null : Frame::of($part->ink),
                (int) \round(($this->typeCase->entry($font)->facts->thin ?? 0) * $part->letterHeight),
                \array_sum(\array_map(static fn (CutSheet $sheet): int => $sheet->toWeed(), $tried->cutPlan->sheets)),
                \array_values(\array_map(static fn (Snag $snag): string => $snag->message, $snags)),
            );
        }

        return new JsonResponse($tries);
    }

    #[Route('/api/designs/{id}/losses', methods: 'GET')]
    #[OA\Get(path: '/api/designs/{id}/losses', operationId: 'findLosses', parameters: [
        new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(
            response: 200,
            description: 'Strokes too thin for their film and holes too small to weed.',
            content: new OA\JsonContent(ref: '#/components/schemas/Losses'),
        ),
    ])]
    public function losses(string $id, JobDesigns $designs, LossFinder $finder): JsonResponse
    {
        $plan = $this->drafts->draft($designs->get($id)->document)->plan;
        $path = '';
        $snags = [];
        foreach ($finder->all($plan->design, $plan->composition, $plan->separation) as $loss) {
            $path .= SvgPath::inMicrometres($loss->region(), 0, 0);
            foreach (LossSnags::of($plan->design, $loss) as $snag) {
                $snags[] = SheetSnag::of(\count($plan->snags) + \count($snags) + 1, $snag);
            }
        }

        return new JsonResponse(new Losses($path, $snags));
    }

    #[Route('/api/mended-joins', methods: 'POST')]
    #[OA\Post(path: '/api/mended-joins', operationId: 'mendJoins', requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(
            required: ['document', 'line'],
            properties: [new OA\Property(property: 'document', ref: '#/components/schemas/Design'), new OA\Property(property: 'line', type: 'string')],
            type: 'object',
        ),
    ), responses: [
        new OA\Response(
            response: 200,
            description: 'Letter settings that make all letters join, and what was moved.',
            content: new OA\JsonContent(ref: '#/components/schemas/MendedJoins'),
        ),
    ])]
    public function mend(Request $request): JsonResponse
    {
        [$plan, $line, $body] = $this->line($request);
        $font = $this->typeCase->font($line->lettering->font);
        $part = null;
        foreach ($plan->composition->parts as $candidate) {
            $part = $candidate->card === $line->id ? $candidate : $part;
        }
        $size = (int) \round(($part->letterHeight ?? 0) / $font->letterHeight() * $font->unitsPerEm);
        $mends = $size > 0 ? JoinMender::mend($line, $font, $size, JointSnags::NECK) : [];
        $letters = [];
        foreach ($this->documentLetters($body, $line->id) as $letter) {
            $letters[\is_int($letter->at ?? null) ? $letter->at : 0] = $letter;
        }
        foreach ($mends as $mend) {
            if (null !== $mend->by) {
                $letter = $letters[$mend->at] ?? (object) ['at' => $mend->at];
                $kern = $letter->kern ?? 0;
                $letter->kern = \round((\is_int($kern) || \is_float($kern) ? $kern : 0) + $mend->by, 1);
                $letters[$mend->at] = $letter;
            }
        }
        \ksort($letters);

        return new JsonResponse(new MendedJoins(\array_values($letters), \array_map(static fn (Mend $mend): string => match (true) {
            null === $mend->by => "“{$mend->pair}” cannot be mended by moving: choose another form of a letter.",
            $mend->by < 0 => \sprintf('“%s” moved %s ‰ closer together.', $mend->pair, -$mend->by),
            default => \sprintf('“%s” moved %s ‰ further apart.', $mend->pair, $mend->by),
        }, $mends)));
    }

    /** @return array{Plan, Line, \stdClass} */
    private function line(Request $request): array
    {
        $body = \json_decode($request->getContent());
        if (!$body instanceof \stdClass || !\is_object($body->document ?? null)) {
            throw BadRequest::shape('an object with a document and a line');
        }
        $plan = $this->drafts->draft($body->document)->plan;
        foreach ($plan->design->lines as $line) {
            if ($line->id === ($body->line ?? null)) {
                return [$plan, $line, $body];
            }
        }
        throw BadRequest::field('line', 'The design has no such line.');
    }

    /** @return list<\stdClass> */
    private function documentLetters(\stdClass $body, string $line): array
    {
        /** @var \stdClass&object{letters: list<\stdClass>} $lettering */
        $lettering = $this->lineDocument($body, $line)->lettering;

        return $lettering->letters;
    }

    /** The line's part of the document, with its defaults. */
    private function lineDocument(\stdClass $body, string $line): \stdClass
    {
        /** @var object{lines: list<\stdClass>} $document */
        $document = $body->document;
        foreach ($document->lines as $candidate) {
            if ($candidate->id === $line) {
                return $candidate;
            }
        }
        throw new \LogicException('The line was found in it before.');
    }

    /**
     * A copy of part of a document with some fields replaced.
     *
     * @param array<string, mixed> $fields
     */
    private static function otherwise(mixed $part, array $fields): \stdClass
    {
        return (object) ($fields + \get_object_vars((object) $part));
    }
}
