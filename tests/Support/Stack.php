<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Uvret\Plan\Plan;

/** Designs of rectangles, circles and stars in several films, for tests of what is put on one another. */
final class Stack
{
    public const FILMS = ['chalk', 'buoy', 'sunup', 'ink'];

    /**
     * @param list<array<string, mixed>>          $forms    the later ones lie above, where their depth says nothing else
     * @param array<string, array<string, mixed>> $films    what films have otherwise than smooth ones, by id
     * @param array<string, mixed>                $layering
     * @param list<string>                        $order    in which the films are to be pressed, the first one first
     * @param array<string, mixed>                $more     of the design
     */
    public static function plan(array $forms, array $films = [], array $layering = [], array $order = self::FILMS, array $more = []): Plan
    {
        return Designs::plan($more + [
            'lines' => [],
            'films' => \array_map(static fn (string $id): array => ($films[$id] ?? []) + ['id' => $id, 'name' => \ucfirst($id)] + Designs::FILM, $order),
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
     * Some forms over one another at random depths, outlined, shadowed and inlined here and there, alone, in a group or all together;
     * the same for the same seed.
     *
     * @return list<array<string, mixed>>
     */
    public static function random(int $seed): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $one = static fn (string ...$of): string => \array_values($of)[$random->getInt(0, \count($of) - 1)];
        $forms = [];
        for ($number = $random->getInt(3, 6); $number > 0; --$number) {
            $treatments = ['group' => $one('', '', 'crew')];
            for ($rims = $random->getInt(-1, 2); $rims > 0; --$rims) {
                $treatments['outlines'][] = [
                    'width' => $random->getInt(1_500, 5_000),
                    'film' => $one(...self::FILMS),
                    'near' => 'as is',
                    'around' => $one('own', 'own', 'own', 'group', 'all'),
                ];
            }
            if (0 === $random->getInt(0, 3)) {
                $treatments['shadow'] = [
                    'kind' => $one('shifted', 'block'),
                    'film' => $one(...self::FILMS),
                    'angle' => $random->getInt(0, 359),
                    'around' => $one('own', 'own', 'group', 'all'),
                ];
            }
            if (0 === $random->getInt(0, 3)) {
                $treatments['inline'] = ['width' => 2_000, 'distance' => 2_000, 'film' => $one(...self::FILMS)];
            }
            $forms[] = self::box(
                $one(...self::FILMS),
                $random->getInt(-50, 50),
                $random->getInt(60, 140),
                $random->getInt(20, 90),
                $random->getInt(20, 90),
                [
                    'kind' => $one('rectangle', 'circle', 'star', 'heart', 'ring', 'shield'),
                    'turn' => $random->getInt(-90, 90),
                    'proportional' => false,
                    'depth' => $random->getInt(-1, 1),
                    'treatments' => (object) $treatments,
                ],
            );
        }

        return $forms;
    }
}
