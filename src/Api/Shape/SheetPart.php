<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Compose\Part;
use Uvret\Compose\PartRole;
use Uvret\Geometry\Measure\Centroid;
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
        'centroid',
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
        #[OA\Property(description: 'SVG path data in µm from the middle of the area’s top edge, y down.')]
        public string $path,
        #[OA\Property(ref: '#/components/schemas/Frame', nullable: true)]
        public ?Frame $ink,
        #[OA\Property(description: 'Ink width along the baseline before rotation, in µm.')]
        public int $width,
        #[OA\Property]
        public int $height,
        #[OA\Property(description: 'Centre of rotation in µm, y down.')]
        public int $middleX,
        #[OA\Property]
        public int $middleY,
        #[OA\Property(
            description: 'Centre of gravity of a form or motif in µm, y down: where words fit best. Null for letters, treatments and cut-outs.',
            ref: '#/components/schemas/StagePoint',
            nullable: true,
        )]
        public ?StagePoint $centroid,
        #[OA\Property(description: 'Cap height in µm.')]
        public int $letterHeight,
        #[OA\Property(description: 'The font’s em in µm.')]
        public int $em,
        #[OA\Property(description: 'Bounds of each letter’s ink.', items: new OA\Items(ref: '#/components/schemas/LetterFrame'))]
        public array $letters,
        #[OA\Property(description: 'Whether it doesn’t count for the card’s size: letters of another film, or added by a treatment.')]
        public bool $also,
        #[OA\Property(description: 'Rotation of its frame in degrees clockwise.')]
        public float $turn,
        #[OA\Property(ref: '#/components/schemas/SheetHandles', nullable: true)]
        public ?SheetHandles $handles,
        #[OA\Property(description: 'Guide only: followed or filled, not cut.')]
        public bool $guide,
        #[OA\Property(description: 'Role within its card.', enum: ['base', 'outline', 'shadow', 'inline'])]
        public string $role,
        #[OA\Property(description: 'Stacking position among all parts, bottom first.')]
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
            centroid: self::centroid($part),
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

    private static function centroid(Part $part): ?StagePoint
    {
        $isShape = PartRole::Base === $part->role && !$part->also && 0 === $part->em;
        $centroid = $isShape ? Centroid::of($part->region->rings()) : null;

        return null === $centroid ? null : new StagePoint($centroid[0], YAxis::turned($centroid[1]));
    }
}
