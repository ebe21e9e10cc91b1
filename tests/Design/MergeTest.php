<?php

declare(strict_types=1);

namespace Uvret\Tests\Design;

use PHPUnit\Framework\TestCase;
use Uvret\Design\Differences;
use Uvret\Design\Merge;
use Uvret\Tests\Support\Designs;

final class MergeTest extends TestCase
{
    public function testChangesOfDifferentThingsGoTogether(): void
    {
        $base = Designs::secondLine();
        $ours = [...$base, 'lines.0.words' => 'Henrik', 'unit' => 'in'];
        $theirs = [
            ...$base,
            'lines.0.film' => 'ink',
            'lines.0.size' => ['by' => 'height', 'length' => 30000],
            'lines.1.words' => 'Bay',
            'lines.2' => Designs::secondLine(['id' => 'third'])['lines.1'],
        ];
        $merged = self::merge($base, $ours, $theirs);
        self::assertEquals(self::object([...$theirs, 'lines.0.words' => 'Henrik', 'unit' => 'in']), $merged);
        self::assertNull(self::merge($base, $ours, [...$base, 'lines.0.words' => 'Astrid']), 'both changed the words');
        self::assertNull(self::merge($base, [...$base, 'lines.0.words' => '1e2'], [...$base, 'lines.0.words' => '100']), 'words are not numbers');
        self::assertEquals(self::object($ours), self::merge($base, $ours, $ours));
        self::assertNull(self::merge($base, ['lines' => []], [...$base, 'lines.0.words' => 'Astrid']), 'one changed what the other removed');
    }

    public function testListsWithoutIdsAreOneValue(): void
    {
        $base = ['lines.0.features' => ['ss01']];
        $ours = ['lines.0.features' => ['ss01', 'ss02']];
        self::assertEquals(self::object($ours), self::merge($base, $ours, $base));
        self::assertEquals(self::object($ours), self::merge($base, $base, $ours));
        self::assertNull(self::merge($base, $ours, ['lines.0.features' => []]));
        // A field that only one side has, and one that a side turned into something else.
        $brim = ['edge' => 170_000, 'crown' => 90_000];
        self::assertEquals(self::object(['blank.placement.brim' => $brim]), self::merge([], ['blank.placement.brim' => $brim], []));
        self::assertNull(self::merge(['blank.placement.brim' => $brim], ['blank.placement.brim.edge' => 160_000], ['blank.placement.brim' => 'none']));
    }

    public function testDifferencesOfFilmsAreSaidInWords(): void
    {
        $films = \array_map(static fn (string $id): array => ['id' => $id, 'name' => \ucfirst($id)] + Designs::FILM, ['ink', 'buoy', 'chalk']);
        $before = Designs::document(['films' => $films]);
        $after = Designs::document([
            'films' => [$films[1], $films[0], $films[2]],
            'layering' => [
                'joints' => [['id' => 'buoy ink', 'film' => 'ink', 'other' => 'buoy', 'kind' => 'lay over', 'width' => 600]],
                'marks' => 'none',
                'thickest' => 500,
            ],
        ]);
        self::assertSame([
            'The press order of the films changed: Buoy, Ink, Chalk from the bottom up.',
            'Ink and Buoy are laid over, by 0.6 mm.',
            'Registration marks removed.',
            'The thickness limit changed to 0.50 mm.',
        ], Differences::between($before, $after));
    }

    public function testDifferencesAreSaidInWords(): void
    {
        $before = Designs::document(Designs::secondLine());
        $after = Designs::document([
            'name' => 'Bag',
            'lines.0.words' => 'Henrik',
            'lines.0.size' => ['by' => 'height', 'length' => 30000],
            'lines.0.shift' => 2000,
            ...Designs::secondLine(['id' => 'new', 'words' => 'Bay']),
            'blank.fabric' => ['name' => 'Navy', 'colour' => '#2B3350'],
        ]);
        self::assertSame([
            'Name changed to “Bag”.',
            'The fabric is Navy.',
            '“Ottilie”: words changed to “Henrik”.',
            '“Ottilie”: size changed to 30.0 mm by height.',
            '“Ottilie”: moved.',
            '“Bay” was added.',
            '“Harbour” was removed.',
        ], Differences::between($before, $after));
        self::assertSame([], Differences::between($before, $before));
    }

    /** @param array<string, mixed> ...$changes */
    private static function merge(array ...$changes): ?object
    {
        return Merge::of(...\array_map(self::object(...), \array_values($changes)));
    }

    /** @param array<string, mixed> $changes */
    private static function object(array $changes): object
    {
        $object = \json_decode(Designs::json($changes));
        \assert(\is_object($object));

        return $object;
    }
}
