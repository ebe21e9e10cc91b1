<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Cut\Knife\KnifePlan;
use Uvret\Cut\Weeding\Weeding;
use Uvret\Cut\Weeding\WeedingFactors;
use Uvret\Geometry\Region;
use Uvret\Layout\Rows;

/** A layer of a design as it lies on its film, blade side up. Lengths are in µm. */
#[OA\Schema(
    schema: 'CutLayerCard',
    required: [
        'film', 'wanted', 'copies', 'places', 'length', 'across', 'fits', 'ink', 'frame', 'hard', 'hardPlaces', 'pieces',
        'smallest', 'toWeed', 'narrowest', 'weeding', 'seconds', 'travel', 'saved', 'blade', 'force', 'speed', 'passes', 'mat',
        'stock', 'price', 'testedOn', 'testedGood', 'cutAt',
    ],
)]
final readonly class CutLayerCard
{
    /**
     * @param list<array{along: int, across: int}> $places
     * @param list<string>                         $ink
     */
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/DesignFilm')]
        public object $film,
        #[OA\Property(description: 'How many the job wants.')]
        public int $wanted,
        #[OA\Property(description: 'How many are laid out; all that is counted is of all of them.')]
        public int $copies,
        #[OA\Property(description: 'Where the corner of each copy lies.', items: new OA\Items(required: ['along', 'across'], properties: [
            new OA\Property(property: 'along', type: 'integer'),
            new OA\Property(property: 'across', type: 'integer'),
        ], type: 'object'))]
        public array $places,
        #[OA\Property(description: 'How much of the film they take.')]
        public int $length,
        #[OA\Property(description: 'How much of the film’s width they take.')]
        public int $across,
        #[OA\Property]
        public bool $fits,
        #[OA\Property(
            description: 'The pieces of a copy in the order of their numbers, SVG path data from its corner: x along the film, y across it.',
            items: new OA\Items(type: 'string'),
        )]
        public array $ink,
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
        #[OA\Property(description: 'How long the smallest piece is where it is longest.')]
        public int $smallest,
        #[OA\Property(description: 'How broad the narrowest waste is, between pieces or in a hole; 0 where there is none.')]
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
        #[OA\Property(description: 'The mat that the film is laid on.', enum: ['none', 'low tack', 'high tack'])]
        public string $mat,
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
     * @param KnifePlan      $plan   of a copy as it lies on the film
     * @param int            $wanted how many the job wants
     * @param object         $film   as the design has it
     * @param WeedingFactors $hands  how quick those of the shop are
     */
    public static function of(
        Rows $rows,
        KnifePlan $plan,
        object $film,
        int $wanted,
        FilmSettings $rack,
        Weeding $weeding,
        WeedingFactors $hands,
        ?\DateTimeImmutable $cutAt,
    ): self {
        $sheet = $plan->sheet;
        $copies = \count($rows->places);
        $data = static function (string ...$works) use ($plan): string {
            $rings = \array_filter($plan->rings, static fn ($ring): bool => \in_array($ring->work->value, $works, true));

            return \implode('', \array_map(static fn ($ring): string => self::path($ring->points, $ring->isOpen()), $rings));
        };

        return new self(
            film: $film,
            wanted: $wanted,
            copies: $copies,
            places: $rows->places,
            length: $rows->filmLength(),
            across: $rows->filmWidth(),
            fits: $sheet->fits(),
            ink: \array_map(static fn (Region $piece): string => self::outline($sheet->alongFilm($piece)), $sheet->region->pieces()),
            frame: $data('mark', 'parting', 'frame'),
            hard: \implode('', \array_map(static fn (Region $place): string => self::outline($sheet->alongFilm($place)), $weeding->hard)),
            hardPlaces: $copies * \count($weeding->hard),
            pieces: $copies * $sheet->pieces(),
            toWeed: $copies * $sheet->toWeed(),
            smallest: $weeding->smallestPiece,
            narrowest: (int) \round($weeding->narrowest),
            weeding: \round($copies * $weeding->seconds($hands), 1),
            seconds: \round($copies * $plan->seconds, 1),
            travel: (int) \round($copies * $plan->travel),
            saved: (int) \round($copies * $plan->saved()),
            blade: $rack->blade,
            force: $rack->force,
            speed: $rack->speed,
            passes: $rack->passes,
            mat: $rack->mat,
            stock: $rack->stock,
            price: $rack->price,
            testedOn: $rack->testedOn,
            testedGood: $rack->testedGood,
            cutAt: $cutAt?->format(\DATE_ATOM),
        );
    }

    private static function outline(Region $region): string
    {
        return \implode('', \array_map(static fn (array $ring): string => self::path($ring), $region->rings()));
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
