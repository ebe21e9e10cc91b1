<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Press\Platen;
use Uvret\Press\Presses;
use Uvret\Press\PressKind;

/** The presses of the shop. Lengths are in µm. */
#[OA\Schema(schema: 'ShopPress', required: ['presses', 'overlap'])]
final readonly class ShopPress
{
    private const MOST_PRESSES = 12;

    /** @param non-empty-list<Platen> $presses */
    private function __construct(
        #[OA\Property(minItems: 1, maxItems: 12, items: new OA\Items(required: ['id', 'name', 'kind', 'width', 'height'], properties: [
            new OA\Property(property: 'id', type: 'string', maxLength: 40),
            new OA\Property(property: 'name', type: 'string', maxLength: 40),
            new OA\Property(property: 'kind', type: 'string', enum: ['flat', 'cap', 'sleeve', 'small', 'iron']),
            new OA\Property(property: 'width', description: 'Platen size.', type: 'integer', maximum: 2000000, minimum: 20000),
            new OA\Property(property: 'height', type: 'integer', maximum: 2000000, minimum: 20000),
        ], type: 'object'))]
        public array $presses,
        #[OA\Property(description: 'Overlap of sections.', maximum: 100000, minimum: 0)]
        public int $overlap,
    ) {
    }

    public function presses(): Presses
    {
        return Presses::of($this->overlap, ...$this->presses);
    }

    /** @param string $json settings that differ from the defaults */
    public static function of(string $json): self
    {
        $set = \json_decode($json, true, 8, \JSON_THROW_ON_ERROR);
        $usual = Presses::usual();
        $presses = [];
        foreach (\is_array($set) && \is_array($set['presses'] ?? null) ? $set['presses'] : [] as $press) {
            if (\is_array($press) && \is_string($press['name'] ?? null) && \is_int($press['width'] ?? null) && \is_int($press['height'] ?? null)) {
                $presses[] = new Platen(
                    $press['name'],
                    $press['width'],
                    $press['height'],
                    PressKind::tryFrom(\is_string($press['kind'] ?? null) ? $press['kind'] : '') ?? PressKind::Flat,
                    \is_string($press['id'] ?? null) ? $press['id'] : '',
                );
            }
        }

        return new self([] === $presses ? $usual->platens : $presses, \is_array($set) && \is_int($set['overlap'] ?? null) ? $set['overlap'] : $usual->overlap);
    }

    /** @throws BadRequest naming the invalid field */
    public static function from(Fields $fields): self
    {
        $presses = [];
        foreach ($fields->entries('presses', 'Say what presses there are.', self::MOST_PRESSES) as $press) {
            $presses[] = new Platen(
                name: $press->text('name', 'Give the press a name.', 40),
                width: $press->number('width', 'Type a platen from 20 mm to 2 m.', 20_000, 2_000_000),
                height: $press->number('height', 'Type a platen from 20 mm to 2 m.', 20_000, 2_000_000),
                kind: PressKind::tryFrom($press->optionalText('kind')) ?? throw BadRequest::field('press/presses', 'Say what kind of press it is.'),
                id: $press->text('id', 'Give the press an id.', 40),
            );
        }

        return new self(
            [] === $presses ? throw BadRequest::field('press/presses', 'A shop has at least one press: add one before this is removed.') : $presses,
            $fields->number('overlap', 'Type an overlap from 0 to 100 mm.', 0, 100_000),
        );
    }
}
