<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\ShopUsage;
use Uvret\Geometry\Unit;

/** Settings of the shop. */
#[OA\Schema(schema: 'Shop', required: ['version', 'name', 'unit', 'weeding', 'compensates', 'layout', 'press', 'rate'])]
final readonly class Shop
{
    private function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property(description: 'Empty if none is set yet.', maxLength: 80)]
        public string $name,
        #[OA\Property(type: 'string', description: 'Unit of new designs.', enum: ['mm', 'in'])]
        public Unit $unit,
        #[OA\Property(ref: '#/components/schemas/ShopWeeding')]
        public ShopWeeding $weeding,
        #[OA\Property(description: 'Whether the cutter compensates for the blade offset itself; otherwise the knife plan does.')]
        public bool $compensates,
        #[OA\Property(ref: '#/components/schemas/ShopLayout')]
        public ShopLayout $layout,
        #[OA\Property(ref: '#/components/schemas/ShopPress')]
        public ShopPress $press,
        #[OA\Property(description: 'Hourly rate; 0 if none is set.', maximum: 10000, minimum: 0)]
        public float $rate,
    ) {
    }

    public static function of(ShopUsage $usage): self
    {
        return new self(
            version: $usage->version,
            name: $usage->name,
            unit: $usage->unit,
            weeding: ShopWeeding::of($usage->weeding),
            compensates: $usage->compensates,
            layout: ShopLayout::of($usage->layout),
            press: ShopPress::of($usage->press),
            rate: $usage->rate,
        );
    }

    /** @throws BadRequest naming the invalid field */
    public static function fromJson(string $body): self
    {
        $fields = Fields::fromJson($body);
        $name = $fields->optionalText('name');

        return new self(
            $fields->number('version', 'Say which version was changed.', 0, \PHP_INT_MAX),
            \mb_strlen($name) > 80 ? throw BadRequest::field('name', 'The shop’s name may have up to 80 characters.') : $name,
            Unit::tryFrom($fields->optionalText('unit')) ?? throw BadRequest::field('unit', 'Choose millimetres or inches.'),
            ShopWeeding::from($fields->part('weeding')),
            $fields->is('compensates'),
            ShopLayout::from($fields->part('layout')),
            ShopPress::from($fields->part('press')),
            $fields->decimal('rate', 'Type what an hour costs, or 0.', 0, 10_000),
        );
    }
}
