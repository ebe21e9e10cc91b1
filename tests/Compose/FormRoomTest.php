<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Composition;
use Uvret\Compose\FormRoom;
use Uvret\Compose\Part;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;

/** Words fitted into a form keep their margin to its real outline. */
final class FormRoomTest extends TestCase
{
    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function forms(): iterable
    {
        foreach (['circle', 'ring', 'rectangle', 'label', 'polygon', 'star', 'heart', 'shield', 'pennant', 'ribbon'] as $kind) {
            yield $kind => [$kind, 'TERN', []];
        }
        yield 'two rows in a heart' => ['heart', "TERN\nPOINT", []];
        yield 'a line turned in a circle' => ['circle', 'TERN', ['lines.0.place' => ['turn' => 30]]];
        yield 'a stretched line in a shield' => ['shield', 'TERN', ['lines.0.size' => ['by' => 'area', 'length' => 6_000, 'stretch' => 140]]];
        yield 'heavier strokes in a star' => ['star', 'TERN', ['lines.0.lettering' => ['heft' => 600]]];
    }

    /** @param array<string, mixed> $settings */
    #[DataProvider('forms')]
    public function testWordsAreAsLargeAsTheOutlineAllows(string $kind, string $words, array $settings): void
    {
        [$ink, $form] = self::made($kind, ['lines.0.words' => $words] + $settings);
        $edge = Geos::result('boundary', Geos::wkt($form->region));
        // Heavier strokes are rounder at their corners than the room without them.
        $distance = (float) Geos::result('distance', Geos::wkt($ink->region), $edge, 'txt');
        self::assertEqualsWithDelta(6_000, $distance, isset($settings['lines.0.lettering']) ? 600 : 30);
        self::assertGreaterThan(5_970, $distance);
        $room = 'ring' === $kind ? $form->region->holes()[0] : $form->region;
        self::assertTrue($ink->region->subtract($room)->isEmpty());
        [$x, $y] = self::centroid($form->region);
        self::assertLessThanOrEqual(4, \abs($ink->middleX - $x) + \abs($ink->middleY - $y));
    }

    public function testTheSizeFollowsTheFormButNotThePlaceInIt(): void
    {
        [$ink] = self::made('heart', []);
        [$aside] = self::made('heart', ['lines.0.belongs' => ['to' => 'form', 'across' => 9_000, 'down' => -20_000]]);
        [$wide] = self::made('heart', [], 240_000);
        [$box] = self::made('heart', ['lines.0.size' => ['by' => 'width', 'length' => 108_000]]);
        self::assertSame($ink->width, $aside->width);
        self::assertGreaterThan($ink->width, $wide->width);
        self::assertSame(108_000, $box->width);
    }

    public function testWithoutRoomAtItsCentreTheBoxCounts(): void
    {
        // Two bars, and nothing between them.
        $bars = Region::fromRings([[-50, -50, 50, -50, 50, -40, -50, -40], [-50, 40, 50, 40, 50, 50, -50, 50]]);
        $ink = Region::fromRings([[-5, -5, 5, -5, 5, 5, -5, 5]]);
        self::assertNull(FormRoom::of($bars)->scale($ink, 0));
        $square = Region::fromRings([[-10, -10, 10, -10, 10, 10, -10, 10]]);
        self::assertNull(FormRoom::of($square)->scale($ink, 11));
        self::assertSame(1.0, FormRoom::of($square)->scale($ink, 5));
        self::assertEqualsWithDelta(0.8, FormRoom::of($square)->scale($ink, 6) ?? 0.0, 0.11);
        // The words of an arch lie in its box.
        [$arched] = self::made('arch', []);
        self::assertSame(108_000, $arched->width);
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @return array{Part, Part} the words around the form's centre of gravity, and the form
     */
    private static function made(string $kind, array $settings, int $width = 120_000): array
    {
        $design = [
            'lines.0.words' => 'TERN',
            'lines.0.font' => 'anton',
            'lines.0.size' => ['by' => 'area', 'length' => 6_000],
            'forms' => [['id' => 'form', 'kind' => $kind, 'film' => 'ink', 'width' => $width, 'height' => 120_000, 'across' => 3_000, 'down' => 80_000]],
        ];
        $form = self::part(Designs::plan($design)->composition, 'form');
        [$x, $y] = self::centroid($form->region);
        $belongs = ['to' => 'form', 'across' => $x - $form->middleX, 'down' => $form->middleY - $y];

        return [self::part(Designs::plan($settings + $design + ['lines.0.belongs' => $belongs])->composition, 'name'), $form];
    }

    private static function part(Composition $composition, string $card): Part
    {
        return \array_column($composition->parts, null, 'card')[$card] ?? self::fail();
    }

    /** @return array{int, int} by GEOS */
    private static function centroid(Region $region): array
    {
        \preg_match('/POINT \((\S+) (\S+)\)/', Geos::result('centroid', Geos::wkt($region)), $found);

        return [(int) \round((float) ($found[1] ?? 0)), (int) \round((float) ($found[2] ?? 0))];
    }
}
