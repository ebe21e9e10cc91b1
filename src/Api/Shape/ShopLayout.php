<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Layout\Mat;

/** The shop's layout settings. Lengths are in µm. */
#[OA\Schema(schema: 'ShopLayout', required: ['gap', 'edge', 'smallest', 'seconds', 'numbers', 'mat', 'sheet'])]
final readonly class ShopLayout
{
    private const MOST = 100_000;

    /** @param array{width: int, length: int} $sheet */
    private function __construct(
        #[OA\Property(description: 'Gap between frames.', maximum: 100000, minimum: 0)]
        public int $gap,
        #[OA\Property(description: 'Unusable margin on both sides of a roll and around a scrap.', maximum: 100000, minimum: 0)]
        public int $edge,
        #[OA\Property(description: 'Smallest width of a scrap worth keeping.', maximum: 1000000, minimum: 10000)]
        public int $smallest,
        #[OA\Property(description: 'Search time.', maximum: 600, minimum: 1)]
        public int $seconds,
        #[OA\Property(description: 'Whether a small number is cut into the waste beside each piece.')]
        public bool $numbers,
        #[OA\Property(description: 'The carrier mat.', required: ['width', 'length', 'edge'], properties: [
            new OA\Property(property: 'width', type: 'integer', maximum: 2000000, minimum: 100000),
            new OA\Property(property: 'length', type: 'integer', maximum: 2000000, minimum: 100000),
            new OA\Property(property: 'edge', description: 'Margin kept free all round.', type: 'integer', maximum: 40000, minimum: 0),
        ], type: 'object')]
        public Mat $mat,
        #[OA\Property(description: 'Sheet size; 0 × 0 if films come on rolls.', required: ['width', 'length'], properties: [
            new OA\Property(property: 'width', type: 'integer', maximum: 2000000, minimum: 0),
            new OA\Property(property: 'length', type: 'integer', maximum: 2000000, minimum: 0),
        ], type: 'object')]
        public array $sheet,
    ) {
    }

    /** @param string $json settings that differ from the defaults */
    public static function of(string $json): self
    {
        $set = \json_decode($json, true, 4, \JSON_THROW_ON_ERROR);
        $number = static fn (string $name, int $usual): int => \is_array($set) && \is_int($set[$name] ?? null) ? $set[$name] : $usual;

        return new self(
            gap: $number('gap', 0),
            edge: $number('edge', 0),
            smallest: $number('smallest', 80_000),
            seconds: $number('seconds', 20),
            numbers: \is_array($set) && true === ($set['numbers'] ?? false),
            mat: self::mat(\is_array($set) && \is_array($set['mat'] ?? null) ? $set['mat'] : []),
            sheet: self::sheet(\is_array($set) && \is_array($set['sheet'] ?? null) ? $set['sheet'] : []),
        );
    }

    /** @param array<mixed> $set settings that differ from the defaults */
    private static function mat(array $set): Mat
    {
        $number = static fn (string $name, int $usual): int => \is_int($set[$name] ?? null) ? $set[$name] : $usual;

        return Mat::of($number('width', 305_000), $number('length', 610_000), $number('edge', 6_000));
    }

    /**
     * @param array<mixed> $set likewise
     *
     * @return array{width: int, length: int}
     */
    private static function sheet(array $set): array
    {
        $number = static fn (string $name): int => \is_int($set[$name] ?? null) ? $set[$name] : 0;

        return ['width' => $number('width'), 'length' => $number('length')];
    }

    /** Whether films come in sheets. */
    public function hasSheets(): bool
    {
        return $this->sheet['width'] > 0 && $this->sheet['length'] > 0;
    }

    /** @throws BadRequest naming the invalid field */
    public static function from(Fields $fields): self
    {
        return new self(
            gap: $fields->number('gap', 'Type a gap from 0 to 100 mm.', 0, self::MOST),
            edge: $fields->number('edge', 'Type an edge from 0 to 100 mm.', 0, self::MOST),
            smallest: $fields->number('smallest', 'Type from 10 mm to 1 m.', 10_000, 1_000_000),
            seconds: $fields->number('seconds', 'Type from 1 to 600 seconds.', 1, 600),
            numbers: $fields->is('numbers'),
            mat: Mat::of(
                $fields->part('mat')->number('width', 'Type from 100 mm to 2 m.', 100_000, 2_000_000),
                $fields->part('mat')->number('length', 'Type from 100 mm to 2 m.', 100_000, 2_000_000),
                $fields->part('mat')->number('edge', 'Type from 0 to 40 mm.', 0, 40_000),
            ),
            sheet: [
                'width' => $fields->part('sheet')->number('width', 'Type up to 2 m, 0 for rolls.', 0, 2_000_000),
                'length' => $fields->part('sheet')->number('length', 'Type up to 2 m, 0 for rolls.', 0, 2_000_000),
            ],
        );
    }
}
