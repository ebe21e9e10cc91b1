<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Joining\LetterJoin;
use Uvret\Compose\Part;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;

/** Strokes grown or thinned before the line is sized. */
final class HeftTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function lines(): iterable
    {
        $arc = ['path' => 'arc', 'arc' => ['by' => 'rise', 'rise' => 25_000]];
        foreach ([-250, 600, 2_000] as $heft) {
            yield "by width, $heft" => [['lines.0.heft' => $heft]];
            yield "by height, stretched, turned, $heft" => [
                ['lines.0.heft' => $heft, 'lines.0.size' => ['by' => 'height', 'length' => 60_000, 'stretch' => 80], 'lines.0.turn' => 20],
            ];
            yield "on an arc, $heft" => [['lines.0.heft' => $heft, 'lines.0.follows' => $arc]];
            yield "between edges, $heft" => [['lines.0.heft' => $heft, 'lines.0.fills' => ['top' => ['shape' => 'arched', 'rise' => 20_000]]]];
        }
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('lines')]
    public function testTheInkHasTheSizeThatIsAskedFor(array $changes): void
    {
        $part = self::part($changes);
        self::assertNull($part->failure);
        self::assertEqualsWithDelta(
            'height' === (((array) ($changes['lines.0.size'] ?? []))['by'] ?? '') ? 60_000 : 200_000,
            isset($changes['lines.0.size']) ? $part->height : $part->width,
            3,
        );
    }

    #[DataProvider('hefts')]
    public function testTheStrokesAreGrownAsGeosDoes(int $heft): void
    {
        $hefted = self::part(['lines.0.heft' => $heft, 'lines.0.size' => ['by' => 'letter', 'length' => 40_000]])->region;
        // The same letters without: those of a letter H that is smaller by as much.
        $plain = self::part(['lines.0.size' => ['by' => 'letter', 'length' => 40_000 - 2 * $heft]])->region;
        $expected = Geos::area(Geos::result("buffer $heft", Geos::wkt($plain)));
        self::assertEqualsWithDelta(1.0, $hefted->area() / $expected, 0.002);
        self::assertEqualsWithDelta($heft, self::middle($plain)->left - self::middle($hefted)->left, 12);
    }

    /** @return iterable<array{int}> */
    public static function hefts(): iterable
    {
        yield [-300];
        yield [400];
        yield [2_000];
    }

    public function testAThinnedScriptKeepsItsJoins(): void
    {
        $joined = self::part();
        $thinned = self::part(['lines.0.heft' => -300]);
        self::assertCount(\count($joined->region->pieces()), $thinned->region->pieces());
        $touching = static fn (Part $part): array => \array_filter($part->joints, static fn (LetterJoin $joint): bool => 0 === $joint->gap);
        self::assertCount(5, $touching($joined));
        self::assertSame(\array_keys($touching($joined)), \array_keys($touching($thinned)));
        // Thinned one by one, letters would part by twice as much.
        self::assertEqualsWithDelta(600, $thinned->joints[0]->gap - $joined->joints[0]->gap, 100);
    }

    public function testStrokesOfWhichNothingIsLeftAreSaid(): void
    {
        $part = self::part([
            'lines.0.words' => 'i',
            'lines.0.font' => 'sacramento',
            'lines.0.size' => ['by' => 'letter', 'length' => 5_000],
            'lines.0.heft' => -1_000,
        ]);
        self::assertTrue($part->region->isEmpty());
        self::assertStringContainsString('Make the line larger', (string) $part->failure);
    }

    /** @param array<string, mixed> $changes */
    private static function part(array $changes = []): Part
    {
        return Designs::plan($changes)->composition->parts[0];
    }

    private static function middle(Region $region): Box
    {
        $box = $region->bounds();
        self::assertNotNull($box);
        $by = \intdiv($box->left + $box->right, 2);

        return $box->moved(-$by, 0);
    }
}
