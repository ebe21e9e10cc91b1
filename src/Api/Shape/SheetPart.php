<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Compose\Part;
use Uvret\Geometry\SvgPath;
use Uvret\Geometry\YAxis;
use Uvret\Separate\Separation;

/** A welded line or a form on the stage, wear side. */
#[OA\Schema(
    schema: 'SheetPart',
    required: [
        'card',
        'film',
        'path',
        'ink',
        'width',
        'height',
        'middleX',
        'middleY',
        'letterHeight',
        'em',
        'letters',
        'also',
        'turn',
        'handles',
        'guide',
        'role',
        'depth',
    ],
)]
final readonly class SheetPart
{
    /** @param list<LetterFrame> $letters */
    public function __construct(
        #[OA\Property]
        public string $card,
        #[OA\Property]
        public string $film,
        #[OA\Property(description: 'SVG path data in µm from the middle of the area’s top edge, y pointing down.')]
        public string $path,
        #[OA\Property(ref: '#/components/schemas/Frame', nullable: true)]
        public ?Frame $ink,
        #[OA\Property(description: 'Of the ink along the baseline, before the line’s turn, in µm.')]
        public int $width,
        #[OA\Property]
        public int $height,
        #[OA\Property(description: 'The middle that the line is turned about, in µm, y pointing down.')]
        public int $middleX,
        #[OA\Property]
        public int $middleY,
        #[OA\Property(description: 'The height of the letter H at this size, in µm.')]
        public int $letterHeight,
        #[OA\Property(description: 'What the font’s em takes at this size, in µm.')]
        public int $em,
        #[OA\Property(description: 'Where each letter’s ink lies.', items: new OA\Items(ref: '#/components/schemas/LetterFrame'))]
        public array $letters,
        #[OA\Property(description: 'Whether it is not what its card is measured by: letters of another film, or what a treatment adds.')]
        public bool $also,
        #[OA\Property(description: 'How far its frame is turned, in degrees clockwise.')]
        public float $turn,
        #[OA\Property(ref: '#/components/schemas/SheetHandles', nullable: true)]
        public ?SheetHandles $handles,
        #[OA\Property(description: 'Only there to be followed or filled.')]
        public bool $guide,
        #[OA\Property(description: 'What it is of its card.', enum: ['base', 'outline', 'shadow', 'inline'])]
        public string $role,
        #[OA\Property(description: 'Its place from the bottom up among all parts: what lies on what.')]
        public int $depth,
    ) {
    }

    public static function of(Part $part, Separation $separation): self
    {
        return new self(
            card: $part->card,
            film: $part->film,
            path: SvgPath::inMicrometres($separation->worn($part->film, $part->region), 0, 0),
            ink: null === $part->ink ? null : Frame::of($part->ink),
            width: $part->width,
            height: $part->height,
            middleX: $part->middleX,
            middleY: YAxis::turned($part->middleY),
            letterHeight: $part->letterHeight,
            em: $part->em,
            letters: \array_map(LetterFrame::of(...), \array_keys($part->letters), \array_values($part->letters)),
            also: $part->also,
            turn: $part->turn,
            handles: null === $part->handles ? null : SheetHandles::of($part->handles),
            guide: $part->guide,
            role: $part->role->value,
            depth: $part->depth,
        );
    }
}
