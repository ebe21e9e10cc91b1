<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Uvret\Plan\Plan;

/** Designs of rectangles, circles and stars in several films, for tests of what is put on one another. */
final class Stack
{
    public const FILMS = ['chalk', 'buoy', 'sunup', 'ink'];

    /**
     * @param list<array<string, mixed>>          $forms    the films of those further down in FILMS lie above
     * @param array<string, array<string, mixed>> $films    what films have otherwise than smooth ones, by id
     * @param array<string, mixed>                $layering
     */
    public static function plan(array $forms, array $films = [], array $layering = []): Plan
    {
        return Designs::plan([
            'lines' => [],
            'films' => \array_map(static fn (string $id): array => ($films[$id] ?? []) + ['id' => $id, 'name' => \ucfirst($id)] + Designs::FILM, self::FILMS),
            'forms' => \array_map(
                static fn (array $form, int $at): array => $form + ['id' => "form-$at", 'kind' => 'rectangle', 'across' => 0, 'down' => 100_000],
                $forms,
                \array_keys($forms),
            ),
            'layering' => (object) $layering,
        ]);
    }

    /**
     * A box by its middle and size, in mm.
     *
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function box(string $film, float $across, float $down, float $width, float $height, array $more = []): array
    {
        return $more + [
            'film' => $film,
            'width' => (int) (1_000 * $width),
            'height' => (int) (1_000 * $height),
            'across' => (int) (1_000 * $across),
            'down' => (int) (1_000 * $down),
        ];
    }

    /**
     * Some forms over one another, outlined here and there, the same for the same seed.
     *
     * @return list<array<string, mixed>>
     */
    public static function random(int $seed): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $forms = [];
        for ($number = $random->getInt(3, 6); $number > 0; --$number) {
            $kind = ['rectangle', 'circle', 'star', 'heart', 'ring', 'shield'][$random->getInt(0, 5)];
            $rims = 0 === $random->getInt(0, 2)
                ? [['width' => $random->getInt(1_500, 5_000), 'film' => self::FILMS[$random->getInt(0, 3)], 'near' => 'as is']]
                : [];
            $forms[] = self::box(
                self::FILMS[$random->getInt(0, 3)],
                $random->getInt(-50, 50),
                $random->getInt(60, 140),
                $random->getInt(20, 90),
                $random->getInt(20, 90),
                ['kind' => $kind, 'turn' => $random->getInt(-90, 90), 'proportional' => false, 'treatments' => (object) ['outlines' => $rims]],
            );
        }

        return $forms;
    }
}
