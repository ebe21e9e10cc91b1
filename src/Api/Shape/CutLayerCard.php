<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Cut\Knife\KnifePlan;
use Uvret\Cut\Weeding\Weeding;
use Uvret\Cut\Weeding\WeedingFactors;
use Uvret\Geometry\Region;

/** A layer of a design as it lies on its film, blade side up. Lengths are in µm. */
#[OA\Schema(
    schema: 'CutLayerCard',
    required: [
        'film', 'length', 'across', 'fits', 'ink', 'frame', 'hard', 'hardPlaces', 'pieces', 'toWeed', 'narrowest', 'weeding', 'seconds', 'travel', 'saved',
        'blade', 'force', 'speed', 'passes', 'stock', 'price', 'testedOn', 'testedGood', 'cutAt',
    ],
)]
final readonly class CutLayerCard
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/DesignFilm')]
        public object $film,
        #[OA\Property(description: 'How much of the film it takes.')]
        public int $length,
        #[OA\Property(description: 'How much of the film’s width it takes.')]
        public int $across,
        #[OA\Property]
        public bool $fits,
        #[OA\Property(description: 'SVG path data: x along the film, y across it.')]
        public string $ink,
        #[OA\Property(description: 'The frames, the marks and what parts the waste, the same.')]
        public string $frame,
        #[OA\Property(description: 'Where it is hard to weed, the same: small holes, narrow waste, thin strokes.')]
        public string $hard,
        #[OA\Property(description: 'How many places those are.')]
        public int $hardPlaces,
        #[OA\Property]
        public int $pieces,
        #[OA\Property]
        public int $toWeed,
        #[OA\Property(description: 'How broad the narrowest hole is; 0 where there is none.')]
        public int $narrowest,
        #[OA\Property(description: 'Seconds that it takes to weed, by docs/cutting.md.')]
        public float $weeding,
        #[OA\Property(description: 'That the cutter takes.')]
        public float $seconds,
        #[OA\Property(description: 'Of the raised knife.')]
        public int $travel,
        #[OA\Property(description: 'How much of that the order saves.')]
        public int $saved,
        #[OA\Property(description: 'The angle of the blade that the rack asks for, in degrees.')]
        public int $blade,
        #[OA\Property(description: 'In grams.')]
        public int $force,
        #[OA\Property(description: 'In mm/s.')]
        public int $speed,
        #[OA\Property]
        public int $passes,
        #[OA\Property(description: 'What is left of the roll.')]
        public int $stock,
        #[OA\Property(description: 'Of a metre; 0 where it is not known.')]
        public float $price,
        #[OA\Property(description: 'The day of the last test cut; empty where there was none.')]
        public string $testedOn,
        #[OA\Property]
        public bool $testedGood,
        #[OA\Property(description: 'When it was cut last; null where it was not.', format: 'date-time', nullable: true)]
        public ?string $cutAt,
    ) {
    }

    /**
     * @param KnifePlan      $plan  as it lies on the film
     * @param object         $film  as the design has it
     * @param WeedingFactors $hands how quick those of the shop are
     */
    public static function of(KnifePlan $plan, object $film, FilmSettings $rack, WeedingFactors $hands, ?\DateTimeImmutable $cutAt): self
    {
        $sheet = $plan->sheet;
        $weeding = Weeding::of($sheet);
        $data = static function (string ...$works) use ($plan): string {
            $rings = \array_filter($plan->rings, static fn ($ring): bool => \in_array($ring->work->value, $works, true));

            return \implode('', \array_map(static fn ($ring): string => self::path($ring->points, $ring->isOpen()), $rings));
        };

        return new self(
            film: $film,
            length: $sheet->filmLength(),
            across: $sheet->filmWidth(),
            fits: $sheet->fits(),
            ink: $data('hole', 'outline'),
            frame: $data('mark', 'parting', 'frame'),
            hard: \implode('', \array_map(
                static fn (Region $place): string => \implode('', \array_map(self::path(...), $sheet->alongFilm($place)->rings())),
                $weeding->hard,
            )),
            hardPlaces: \count($weeding->hard),
            pieces: $sheet->pieces(),
            toWeed: $sheet->toWeed(),
            narrowest: (int) \round($weeding->smallest),
            weeding: \round($weeding->seconds($hands), 1),
            seconds: \round($plan->seconds, 1),
            travel: (int) \round($plan->travel),
            saved: (int) \round($plan->saved()),
            blade: $rack->blade,
            force: $rack->force,
            speed: $rack->speed,
            passes: $rack->passes,
            stock: $rack->stock,
            price: $rack->price,
            testedOn: $rack->testedOn,
            testedGood: $rack->testedGood,
            cutAt: $cutAt?->format(\DATE_ATOM),
        );
    }

    /** @param list<int> $points */
    public static function path(array $points, bool $open = false): string
    {
        $data = 'M';
        foreach (\array_chunk($points, 2) as [$x, $y]) {
            $data .= "$x $y ";
        }

        return \rtrim($data).($open ? '' : 'Z');
    }
}
