<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Plan\Fewer\Proposal;
use Uvret\Plan\Plan;

/** A variant with fewer films, and its film need. */
#[OA\Schema(schema: 'FewerFilmsProposal', required: ['say', 'films', 'filmLength', 'presses', 'toWeed', 'cost', 'sheet', 'document'])]
final readonly class FewerFilmsProposal
{
    private function __construct(
        #[OA\Property(description: 'Changes made; empty for the design as it is.')]
        public string $say,
        #[OA\Property]
        public int $films,
        #[OA\Property(description: 'Length of film in µm.')]
        public int $filmLength,
        #[OA\Property]
        public int $presses,
        #[OA\Property]
        public int $toWeed,
        #[OA\Property(description: 'Film cost by the rack’s prices; null if a price is missing.', nullable: true)]
        public ?float $cost,
        #[OA\Property(ref: '#/components/schemas/Sheet')]
        public Sheet $sheet,
        #[OA\Property(ref: '#/components/schemas/Design')]
        public object $document,
    ) {
    }

    /** @param array<string, float> $prices per metre, by film */
    public static function of(Proposal $proposal, array $prices): self
    {
        return self::from($proposal->say, $proposal->plan, $proposal->document, $prices);
    }

    /** @param array<string, float> $prices per metre, by film */
    public static function from(string $say, Plan $plan, object $document, array $prices): self
    {
        $cost = 0.0;
        $toWeed = 0;
        foreach ($plan->cutPlan->sheets as $sheet) {
            $price = $prices[$sheet->film->id] ?? null;
            $cost = null === $cost || null === $price ? null : $cost + $price * $sheet->filmLength() / 1e6;
            $toWeed += $sheet->toWeed();
        }

        return new self(
            say: $say,
            films: \count($plan->separation->layers),
            filmLength: $plan->filmLength(),
            presses: \count($plan->separation->layers),
            toWeed: $toWeed,
            cost: null === $cost ? null : \round($cost, 2),
            sheet: Sheet::of($plan),
            document: $document,
        );
    }
}
