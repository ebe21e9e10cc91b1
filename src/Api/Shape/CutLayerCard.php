<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Cut\Knife\KnifePlan;
use Uvret\Cut\Weeding\Weeding;
use Uvret\Cut\Weeding\WeedingFactors;
use Uvret\Geometry\Region;
use Uvret\Layout\Rows;

/** A layer of a design placed on its film, blade side up. Lengths are in µm. */
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
        #[OA\Property(description: 'Copies in the job.')]
        public int $wanted,
        #[OA\Property(description: 'Copies laid out; all figures are for all of them.')]
        public int $copies,
        #[OA\Property(description: 'Corner of each copy.', items: new OA\Items(required: ['along', 'across'], properties: [
            new OA\Property(property: 'along', type: 'integer'),
            new OA\Property(property: 'across', type: 'integer'),
        ], type: 'object'))]
        public array $places,
        #[OA\Property(description: 'Length of film.')]
        public int $length,
        #[OA\Property(description: 'Width of film.')]
        public int $across,
        #[OA\Property]
        public bool $fits,
        #[OA\Property(
            description: 'Pieces of one copy by number: SVG path data from its corner, x along the film, y across it.',
            items: new OA\Items(type: 'string'),
        )]
        public array $ink,
        #[OA\Property(description: 'Frames, registration marks and relief cuts, likewise.')]
        public string $frame,
        #[OA\Property(description: 'Hard places to weed, likewise: small holes, narrow waste, thin strokes.')]
        public string $hard,
        #[OA\Property(description: 'Number of hard places.')]
        public int $hardPlaces,
        #[OA\Property]
        public int $pieces,
        #[OA\Property]
        public int $toWeed,
        #[OA\Property(description: 'Longest extent of the smallest piece.')]
        public int $smallest,
        #[OA\Property(description: 'Width of the narrowest waste, between pieces or in a hole; 0 if there is none.')]
        public int $narrowest,
        #[OA\Property(description: 'Weeding time in seconds (docs/cutting.md).')]
        public float $weeding,
        #[OA\Property(description: 'Cutting time.')]
        public float $seconds,
        #[OA\Property(description: 'Travel of the raised knife.')]
        public int $travel,
        #[OA\Property(description: 'Travel saved by the cutting order.')]
        public int $saved,
        #[OA\Property(description: 'Blade angle from the film rack, in degrees.')]
        public int $blade,
        #[OA\Property(description: 'In grams.')]
        public int $force,
        #[OA\Property(description: 'In mm/s.')]
        public int $speed,
        #[OA\Property]
        public int $passes,
        #[OA\Property(description: 'Carrier mat.', enum: ['none', 'low tack', 'high tack'])]
        public string $mat,
        #[OA\Property(description: 'Length left on the roll.')]
        public int $stock,
        #[OA\Property(description: 'Price per metre; 0 if unknown.')]
        public float $price,
        #[OA\Property(description: 'Day of the last test cut; empty if there was none.')]
        public string $testedOn,
        #[OA\Property]
        public bool $testedGood,
        #[OA\Property(description: 'Time of the last cut; null if it was never cut.', format: 'date-time', nullable: true)]
        public ?string $cutAt,
    ) {
    }

    /**
     * @param KnifePlan      $plan   of one copy
     * @param int            $wanted copies in the job
     * @param object         $film   the design's entry of it
     * @param WeedingFactors $hands  weeding times of the shop
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
