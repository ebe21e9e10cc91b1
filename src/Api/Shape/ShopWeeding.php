<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Cut\Weeding\WeedingFactors;

/** The shop's weeding times in seconds (docs/cutting.md). */
#[OA\Schema(schema: 'ShopWeeding', required: ['begin', 'metre', 'neck', 'hole', 'small', 'stroke'])]
final readonly class ShopWeeding
{
    private const MOST = 600.0;

    private function __construct(
        #[OA\Property(description: 'Per layer, to start and check.')]
        public float $begin,
        #[OA\Property(description: 'Per metre of outline.')]
        public float $metre,
        #[OA\Property(description: 'Per place where the waste is too narrow to grip.')]
        public float $neck,
        #[OA\Property(description: 'Per hole.')]
        public float $hole,
        #[OA\Property(description: 'Extra for a hole too small for the hook.')]
        public float $small,
        #[OA\Property(description: 'Per thin stroke.')]
        public float $stroke,
    ) {
    }

    /** @param string $json settings that differ from the defaults */
    public static function of(string $json): self
    {
        $set = \json_decode($json, true, 8, \JSON_THROW_ON_ERROR);
        $usual = new WeedingFactors();
        $second = static function (string $name, float $usual) use ($set): float {
            $value = \is_array($set) ? $set[$name] ?? null : null;

            return \is_int($value) || \is_float($value) ? (float) $value : $usual;
        };

        return new self(
            begin: $second('begin', $usual->begin),
            metre: $second('metre', $usual->metre),
            neck: $second('neck', $usual->neck),
            hole: $second('hole', $usual->hole),
            small: $second('small', $usual->small),
            stroke: $second('stroke', $usual->stroke),
        );
    }

    /** @throws BadRequest naming the invalid field */
    public static function from(Fields $fields): self
    {
        $second = static fn (string $name): float => $fields->decimal($name, 'Type seconds from 0 to 600.', 0.0, self::MOST);

        return new self(
            begin: $second('begin'),
            metre: $second('metre'),
            neck: $second('neck'),
            hole: $second('hole'),
            small: $second('small'),
            stroke: $second('stroke'),
        );
    }

    public function factors(): WeedingFactors
    {
        return new WeedingFactors(
            begin: $this->begin,
            metre: $this->metre,
            neck: $this->neck,
            hole: $this->hole,
            small: $this->small,
            stroke: $this->stroke,
        );
    }
}
