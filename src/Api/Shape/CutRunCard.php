<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Cutting\Instructions;
use Uvret\App\Entity\CutRun;

/** A cut in progress or finished. Lengths are in µm. */
#[OA\Schema(
    schema: 'CutRunCard',
    required: [
        'id', 'design', 'film', 'title', 'state', 'reason', 'wanted', 'done', 'rings', 'along', 'across', 'secondsLeft', 'length',
        'endedAt', 'within', 'off', 'offPieces', 'offPath', 'stock',
    ],
)]
final readonly class CutRunCard
{
    /** Larger deviations of the tip are reported, in µm. */
    private const SEEN = 50;

    /** @param list<int> $offPieces */
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $design,
        #[OA\Property]
        public string $film,
        #[OA\Property]
        public string $title,
        #[OA\Property(enum: ['waiting', 'cutting', 'paused', 'stopped', 'cut', 'cancelled'])]
        public string $state,
        #[OA\Property(description: 'Reason for waiting or stopping.')]
        public string $reason,
        #[OA\Property(enum: ['go', 'pause', 'cancel'])]
        public string $wanted,
        #[OA\Property(description: 'Number of rings cut so far.')]
        public int $done,
        #[OA\Property]
        public int $rings,
        #[OA\Property(description: 'Knife position along the film.')]
        public int $along,
        #[OA\Property]
        public int $across,
        #[OA\Property]
        public float $secondsLeft,
        #[OA\Property(description: 'Length of film.')]
        public int $length,
        #[OA\Property(format: 'date-time', nullable: true)]
        public ?string $endedAt,
        #[OA\Property(description: 'Largest deviation of the tip; null if it was not measured.', nullable: true)]
        public ?int $within,
        #[OA\Property(description: 'Number of visibly inaccurate cuts.')]
        public int $off,
        #[OA\Property(description: 'Numbers of the pieces with such cuts.', items: new OA\Items(type: 'integer'))]
        public array $offPieces,
        #[OA\Property(description: 'Those cuts as SVG path data, x along the film, y across it.')]
        public string $offPath,
        #[OA\Property(description: 'Roll or scrap of the layout that is cut; empty for a single layer.')]
        public string $stock,
    ) {
    }

    private static function stock(CutRun $run): string
    {
        /** @var array{stock: string}|null $laid */
        $laid = \json_decode($run->laid, true, 8, \JSON_THROW_ON_ERROR);

        return $laid['stock'] ?? '';
    }

    public static function of(CutRun $run): self
    {
        $instructions = Instructions::fromJson($run->instructions);
        $known = \array_filter($run->offs(), static fn (?int $off): bool => null !== $off);
        $off = \array_filter($known, static fn (int $own): bool => $own > self::SEEN);

        return new self(
            id: $run->id,
            design: $run->design,
            film: $run->film,
            title: $run->title,
            state: $run->state->value,
            reason: $run->reason,
            wanted: $run->wanted,
            done: $run->done,
            rings: $run->rings,
            along: $run->along,
            across: $run->across,
            secondsLeft: $run->state->isOver() ? 0.0 : \round($run->seconds * $instructions->share($run->done), 1),
            length: $run->length,
            endedAt: $run->endedAt?->format(\DATE_ATOM),
            within: [] === $known ? null : \max($known),
            off: \count($off),
            offPieces: \array_values(\array_unique(\array_filter(
                \array_map(static fn (int $ring): ?int => $instructions->pieces[$ring] ?? null, \array_keys($off)),
                static fn (?int $piece): bool => null !== $piece,
            ))),
            offPath: \implode('', \array_map(static fn (int $ring): string => CutLayerCard::path($instructions->rings[$ring]), \array_keys($off))),
            stock: self::stock($run),
        );
    }
}
