<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Composer;
use Uvret\Compose\Composition;
use Uvret\Compose\PartRole;
use Uvret\Design\DesignReader;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Letters;

/** Each treatment on cards of the demo's designs, without tidying, against what GEOS makes of the same untreated shapes. */
final class TreatmentsAgainstGeosTest extends TestCase
{
    /** @return iterable<string, array{string, string}> a design and one of its cards: stacked, bent along an arc and a brim, filled, a motif, a form */
    public static function cards(): iterable
    {
        yield 'script' => ['regatta-hoodie', 'regatta'];
        yield 'arched edges' => ['regatta-hoodie', 'club'];
        yield 'on a brim' => ['committee-brim', 'office'];
        yield 'a filled form' => ['finish-block', 'finish'];
        yield 'a motif' => ['crew-badge', 'oars'];
        yield 'a shield' => ['cox-shield', 'shield'];
    }

    #[DataProvider('cards')]
    public function testOutlines(string $design, string $card): void
    {
        $base = Geos::wkt(self::shape(self::compose($design), $card));
        $made = self::compose(
            $design,
            $card,
            ['outlines' => [['width' => 2_000, 'film' => '', 'near' => 'as is'], ['width' => 1_500, 'film' => '', 'near' => 'as is', 'holes' => 'fill']]],
        );
        $inner = Geos::result('buffer 2000', $base);
        self::assertAlike($inner, self::shape($made, $card, PartRole::Outline));
        $outer = Geos::area(Geos::result('buffer 1500', $inner));
        $rim = self::shape($made, $card, PartRole::Outline, 1);
        self::assertCount(\count($rim->pieces()), $rim->rings(), 'all holes are filled');
        $holes = \array_sum(\array_map(static fn (Region $hole): float => $hole->area(), self::shape($made, $card, PartRole::Outline)->offset(1_500)->holes()));
        self::assertEqualsWithDelta($outer + $holes, $rim->area(), 0.003 * $outer);
    }

    #[DataProvider('cards')]
    public function testShadows(string $design, string $card): void
    {
        $base = self::shape(self::compose($design), $card);
        $cast = self::shape(
            self::compose($design, $card, ['shadow' => ['kind' => 'block', 'angle' => 0, 'length' => 4_000, 'film' => '', 'gap' => 1_000]]),
            $card,
            PartRole::Shadow,
        );
        // Each edge drawn out to the right is a parallelogram; with the shape at both ends they are all that it passes over.
        $drawn = [];
        foreach ($base->rings() as $ring) {
            $points = \array_chunk($ring, 2);
            foreach ($points as $number => $from) {
                $to = $points[($number + 1) % \count($points)];
                if ($from[1] !== $to[1]) {
                    $drawn[] = [...$from, ...$to, $to[0] + 4_000, $to[1] ?? 0, $from[0] + 4_000, $from[1] ?? 0];
                }
            }
        }
        $passed = Geos::result('union', Geos::wkt($base), Geos::result('unaryUnion', Geos::collection($drawn)));
        self::assertAlike(Geos::result('difference', $passed, Geos::result('buffer 1000', Geos::wkt($base))), $cast, 0.015);
    }

    #[DataProvider('cards')]
    public function testInlines(string $design, string $card): void
    {
        $base = Geos::wkt(self::shape(self::compose($design), $card));
        $line = Geos::result('difference', Geos::result('buffer N-1200', $base), Geos::result('buffer N-2400', $base));
        self::assertAlike(
            Geos::result('difference', $base, $line),
            self::shape(self::compose($design, $card, ['inline' => ['width' => 1_200, 'distance' => 1_200]]), $card),
        );
    }

    public function testSetIntoAndCutFrom(): void
    {
        $plain = self::compose('regatta-hoodie');
        $set = self::compose('regatta-hoodie', 'regatta', ['setInto' => ['into' => 'cards', 'cards' => ['club'], 'clearance' => 1_200]]);
        $room = Geos::result('buffer 1200', Geos::wkt(self::shape($plain, 'regatta')));
        self::assertAlike(Geos::result('difference', Geos::wkt(self::shape($plain, 'club')), $room), self::shape($set, 'club'));

        $plain = self::compose('cox-shield');
        [$shield, $name] = [Geos::wkt(self::shape($plain, 'shield')), Geos::wkt(self::shape($plain, 'cox'))];
        $loose = self::shape(self::compose('cox-shield', 'cox', ['cutFrom' => ['card' => 'shield', 'islands' => 'keep']]), 'shield');
        self::assertAlike(Geos::result('difference', $shield, $name), $loose, 1e-6);
        $bridged = self::shape(self::compose('cox-shield', 'cox', ['cutFrom' => ['card' => 'shield', 'islands' => 'bridge', 'bridge' => 2_500]]), 'shield');
        // Bridges only add to it, and only inside the lettering.
        self::assertLessThan(1e3, Geos::area(Geos::result('difference', Geos::wkt($loose), Geos::wkt($bridged))));
        self::assertCount(1, $bridged->pieces());
        self::assertGreaterThan(0.5 * Geos::area($name), Geos::area($shield) - $bridged->area());
    }

    /** @param array<string, mixed> $treatments of one card; all others have none, and nothing is tidied */
    private static function compose(string $design, string $card = '', array $treatments = []): Composition
    {
        /** @var array{films: non-empty-list<array{id: string}>, lines: list<array<string, mixed>>, forms?: list<array<string, mixed>>, motifs?: list<array<string, mixed>>} $document */
        $document = \json_decode((string) \file_get_contents(Designs::folder()."/$design.json"), true, 64, \JSON_THROW_ON_ERROR);
        $film = $document['films'][0]['id'];
        $treatments = \json_decode(\str_replace('"film":""', "\"film\":\"$film\"", \json_encode($treatments, \JSON_THROW_ON_ERROR)), true);
        foreach (['lines', 'forms', 'motifs'] as $kind) {
            $document[$kind] = \array_map(
                static fn (array $one): array => ['treatments' => $one['id'] === $card ? $treatments : new \stdClass()] + $one,
                $document[$kind] ?? [],
            );
        }
        $document['clean'] = ['hole' => 0, 'speck' => 0, 'spike' => 0, 'gap' => 0];

        return (new Composer(Letters::typeCase()))->compose((new DesignReader())->fromJson(\json_encode($document, \JSON_THROW_ON_ERROR)));
    }

    private static function shape(Composition $composition, string $card, PartRole $role = PartRole::Base, int $number = 0): Region
    {
        $own = [];
        foreach ($composition->parts as $part) {
            if ($part->card === $card && $part->role === $role) {
                $own[] = $part->region;
            }
        }

        return PartRole::Base === $role ? Region::empty()->union(...$own) : $own[$number];
    }

    /** GEOS makes arcs of 8 chords a quarter turn, so round corners differ by up to 0.5 % of their radius. */
    private static function assertAlike(string $geos, Region $region, float $share = 0.004): void
    {
        self::assertTrue(Geos::isValid(Geos::wkt($region)));
        self::assertLessThanOrEqual($share * Geos::area($geos), Geos::difference($geos, Geos::wkt($region)));
    }
}
