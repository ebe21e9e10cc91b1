<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Cut\CutSheet;
use Uvret\Geometry\Region;
use Uvret\Geometry\SvgPath;
use Uvret\Separate\Separation;

/** A cut layer in its weeding box, blade side. Lengths are in µm. */
#[OA\Schema(
    schema: 'SheetLayer',
    required: [
        'film',
        'path',
        'width',
        'height',
        'left',
        'top',
        'filmLength',
        'turned',
        'fits',
        'pieces',
        'toWeed',
        'mirrored',
        'marks',
        'frame',
        'parting',
        'thickness',
        'safe',
        'reason',
    ],
)]
final readonly class SheetLayer
{
    public function __construct(
        #[OA\Property]
        public string $film,
        #[OA\Property(description: 'SVG path data in µm from the weeding box’s top left corner, y down.')]
        public string $path,
        #[OA\Property]
        public int $width,
        #[OA\Property]
        public int $height,
        #[OA\Property(description: 'Origin of its frames on the wear side, y down; a mirrored layer begins at its right there.')]
        public int $left,
        #[OA\Property]
        public int $top,
        #[OA\Property]
        public int $filmLength,
        #[OA\Property(description: 'Whether it is rotated 90° to fit the roll.')]
        public bool $turned,
        #[OA\Property]
        public bool $fits,
        #[OA\Property]
        public int $pieces,
        #[OA\Property]
        public int $toWeed,
        #[OA\Property]
        public bool $mirrored,
        #[OA\Property(description: 'SVG path data of the registration marks; empty if there are none.')]
        public string $marks,
        #[OA\Property(description: 'SVG path data of the frames.')]
        public string $frame,
        #[OA\Property(description: 'SVG path data of the relief cuts; empty if there are none.')]
        public string $parting,
        #[OA\Property]
        public int $thickness,
        #[OA\Property(description: 'Slip tolerance before the blank shows; null if it touches no other film.', nullable: true)]
        public ?int $safe,
        #[OA\Property(description: 'Why it is pressed later than requested.', nullable: true)]
        public ?string $reason,
    ) {
    }

    public static function of(CutSheet $sheet, Separation $separation): self
    {
        $path = static fn (Region $region): string => SvgPath::inMicrometres($region, $sheet->box->left, $sheet->box->top);

        return new self(
            film: $sheet->film->id,
            path: $path($sheet->region),
            width: $sheet->box->width(),
            height: $sheet->box->height(),
            left: $sheet->worn->left ?? 0,
            top: -($sheet->worn->top ?? 0),
            filmLength: $sheet->filmLength(),
            turned: $sheet->turned,
            fits: $sheet->fits(),
            pieces: $sheet->pieces(),
            toWeed: $sheet->toWeed(),
            mirrored: $sheet->film->mirrored,
            marks: $path($sheet->marks),
            frame: $path($sheet->frame),
            parting: SvgPath::lines($sheet->parting, $sheet->box->left, $sheet->box->top),
            thickness: $sheet->film->thickness,
            safe: $separation->safe($sheet->film->id),
            reason: $separation->reasons[$sheet->film->id] ?? null,
        );
    }
}
