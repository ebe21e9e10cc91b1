<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Blanks\Drawing;
use Uvret\Compose\Part;
use Uvret\Cut\CutSheet;
use Uvret\Plan\Plan;

/** Everything the Bench draws of a design, computed from its document. Lengths are in µm. */
#[OA\Schema(schema: 'Sheet', required: ['area', 'blank', 'ink', 'parts', 'layers', 'joints', 'filmLength', 'toWeed', 'spare', 'snags', 'removals'])]
final readonly class Sheet
{
    /**
     * @param list<SheetPart>    $parts
     * @param list<SheetLayer>   $layers   in press order
     * @param list<SheetJoint>   $joints
     * @param list<SheetSnag>    $snags
     * @param list<SheetRemoval> $removals
     */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/Frame')]
        public Frame $area,
        #[OA\Property(description: 'Bounds of the blank’s drawing.', ref: '#/components/schemas/Frame')]
        public Frame $blank,
        #[OA\Property(ref: '#/components/schemas/Frame', nullable: true)]
        public ?Frame $ink,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/SheetPart'))]
        public array $parts,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/SheetLayer'))]
        public array $layers,
        #[OA\Property(description: 'Joints of touching films.', items: new OA\Items(ref: '#/components/schemas/SheetJoint'))]
        public array $joints,
        #[OA\Property]
        public int $filmLength,
        #[OA\Property(description: 'Number of waste pieces to pick out.')]
        public int $toWeed,
        #[OA\Property(description: 'Room to spare in the tighter direction; negative if it does not fit.', nullable: true)]
        public ?int $spare,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/SheetSnag'))]
        public array $snags,
        #[OA\Property(description: 'Scraps of treatments that were tidied away.', items: new OA\Items(ref: '#/components/schemas/SheetRemoval'))]
        public array $removals,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $ink = $plan->composition->ink();
        $snags = [];
        foreach ($plan->snags as $number => $snag) {
            $snags[] = SheetSnag::of($number + 1, $snag);
        }

        return new self(
            Frame::of($plan->composition->area),
            Frame::of(Drawing::named($plan->design->blank->drawing)->extent($plan->design->blank)),
            null === $ink ? null : Frame::of($ink),
            \array_map(static fn (Part $part): SheetPart => SheetPart::of($part, $plan->separation), $plan->composition->parts),
            \array_map(static fn (CutSheet $sheet): SheetLayer => SheetLayer::of($sheet, $plan->separation), $plan->cutPlan->sheets),
            \array_map(SheetJoint::of(...), $plan->separation->joints),
            $plan->filmLength(),
            \array_sum(\array_map(static fn (CutSheet $sheet): int => $sheet->toWeed(), $plan->cutPlan->sheets)),
            $plan->spare(),
            $snags,
            \array_map(SheetRemoval::of(...), $plan->composition->removals),
        );
    }
}
