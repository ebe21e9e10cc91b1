<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Layout\LaidPiece;
use Uvret\App\Layout\OpenLayout;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Stock;

/** A film with the pieces laid out on it, blade side up. Lengths are in µm, areas in mm². */
#[OA\Schema(schema: 'FilmLayoutCard', required: [
    'film', 'name', 'colour', 'finish', 'width', 'state', 'seconds', 'length', 'boxes', 'covered', 'left', 'price', 'stock', 'stocks', 'shapes', 'pieces',
    'turns', 'gap', 'mat', 'substitutes',
])]
final readonly class FilmLayoutCard
{
    /**
     * @param list<string>                                              $left
     * @param list<LaidStock>                                           $stocks
     * @param array<string, LaidShape>                                  $shapes
     * @param list<LaidPieceCard>                                       $pieces
     * @param list<int>                                                 $turns
     * @param array{width: int, length: int, edge: int, from: int}|null $mat
     * @param list<SubstituteCard>                                      $substitutes
     */
    private function __construct(
        #[OA\Property(description: 'Film id.')]
        public string $film,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $colour,
        #[OA\Property]
        public string $finish,
        #[OA\Property]
        public int $width,
        #[OA\Property(enum: ['waiting', 'brief', 'running', 'done'])]
        public string $state,
        #[OA\Property(description: 'Search time so far.')]
        public float $seconds,
        #[OA\Property(description: 'Roll length needed.')]
        public int $length,
        #[OA\Property(description: 'Roll length needed when frames are packed as boxes.')]
        public int $boxes,
        #[OA\Property(description: 'Share of the used film that frames cover.')]
        public float $covered,
        #[OA\Property(description: 'Names of pieces that do not fit.', items: new OA\Items(type: 'string'))]
        public array $left,
        #[OA\Property(description: 'Price per metre; 0 if unknown.')]
        public float $price,
        #[OA\Property(description: 'Length left on the roll.')]
        public int $stock,
        #[OA\Property(description: 'Scraps in use, then the roll.', items: new OA\Items(ref: '#/components/schemas/LaidStock'))]
        public array $stocks,
        #[OA\Property(
            description: 'Path data of each layer by shape key.',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/LaidShape'),
        )]
        public array|object $shapes,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/LaidPieceCard'))]
        public array $pieces,
        #[OA\Property(description: 'Allowed rotations in degrees.', items: new OA\Items(type: 'integer'))]
        public array $turns,
        #[OA\Property(description: 'Gap between frames.')]
        public int $gap,
        #[OA\Property(
            description: 'Carrier mat, and where this film’s zone begins on it; null if the film is cut without the mat.',
            required: ['width', 'length', 'edge', 'from'],
            properties: [
                new OA\Property(property: 'width', type: 'integer'),
                new OA\Property(property: 'length', type: 'integer'),
                new OA\Property(property: 'edge', type: 'integer'),
                new OA\Property(property: 'from', type: 'integer'),
            ],
            type: 'object',
            nullable: true,
        )]
        public ?array $mat,
        #[OA\Property(
            description: 'Pieces that would fit on scraps of other films if this one runs short.',
            items: new OA\Items(ref: '#/components/schemas/SubstituteCard'),
        )]
        public array $substitutes,
    ) {
    }

    /**
     * @param int|null             $zone        start of its zone on the mat; null if cut without the mat
     * @param list<SubstituteCard> $substitutes
     */
    public static function of(
        FilmLayout $layout,
        OpenLayout $open,
        FilmSettings $rack,
        ShopLayout $shop,
        ?int $zone,
        array $substitutes,
    ): self {
        $film = $open->pieces[0]->sheet->film ?? null;
        $result = $layout->result();
        $laid = $layout->places();
        $pinned = \array_filter($laid, static fn (array $place): bool => $place['pinned']);
        $isPinned = \array_fill_keys(\array_map(static fn (array $place): string => "{$place['item']} {$place['copy']}", $pinned), true);
        $stale = \array_fill_keys($open->stale(), true);
        $used = \array_fill_keys(\array_map(static fn (Place $place): string => $place->stock, $open->places), true);
        $shapes = $pieces = [];
        foreach ($open->pieces as $number => $piece) {
            $own = "$piece->item $piece->copy";
            $place = $open->places[$own] ?? null;
            $shapes[$piece->layer] ??= LaidShape::of($piece->sheet);
            $stock = null === $place ? null : $open->stock($place->stock);
            $pieces[] = LaidPieceCard::of($number, $piece, $place, $stock, isset($isPinned[$own]), isset($stale[$own]));
        }
        $names = \array_map(static fn (array $one): string => self::name($open->byCopy()[\implode(' ', $one)] ?? null), $result['left']);
        $stocks = \array_values(\array_filter($open->stocks, static fn (Stock $stock): bool => $stock->isRoll || isset($used[$stock->id])));

        return new self(
            film: $layout->film,
            name: $film->name ?? $layout->film,
            colour: $film->colour ?? '#888888',
            finish: $film->finish->value ?? 'smooth',
            width: $film->width ?? 0,
            state: $layout->state->value,
            seconds: $result['seconds'],
            length: $result['length'],
            boxes: $result['boxes'],
            covered: \round((new Nested(\array_values($open->places), $open->stocks))->covered(), 4),
            left: $names,
            price: $rack->price,
            stock: $rack->stock,
            stocks: \array_map(static fn (Stock $stock): LaidStock => LaidStock::of($stock, $result['length']), $stocks),
            shapes: [] === $shapes ? new \stdClass() : $shapes,
            pieces: $pieces,
            turns: $rack->turns,
            gap: $shop->gap,
            mat: null === $zone ? null : ['width' => $shop->mat->width, 'length' => $shop->mat->length, 'edge' => $shop->mat->edge, 'from' => $zone],
            substitutes: $substitutes,
        );
    }

    private static function name(?LaidPiece $piece): string
    {
        return null === $piece ? '' : "$piece->name $piece->copy";
    }
}
