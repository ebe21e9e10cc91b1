<?php

declare(strict_types=1);

namespace Uvret\Tests\Separate;

use PHPUnit\Framework\TestCase;
use Uvret\Design\DesignReader;
use Uvret\Plan\Plan;
use Uvret\Plan\Planner;
use Uvret\Separate\Formerly;
use Uvret\Snags\Snag;
use Uvret\Snags\SnagKind;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\Letters;

/** Designs made when films covered one another in one order: what looks otherwise now is told, and only that. */
final class FormerlyTest extends TestCase
{
    private const FILMS = ['chalk', 'sunup', 'ink'];

    public function testWhereFilmsOfOneCardLayBetweenThoseOfAnotherTheDifferenceIsTold(): void
    {
        // A plate and its rim lay right at the bottom; a bar between the two films of a ring lies beneath all of the ring now.
        $plan = self::formerly(self::bar('sunup'), self::ring('ink', 'chalk'));
        self::assertSame(self::FILMS, $plan->design->formerly);
        [$place] = $places = Formerly::of($plan->design, $plan->composition, $plan->separation);
        self::assertCount(1, $places);
        self::assertSame(['sunup', 'bar', 'chalk'], [$place->film->id, $place->card, $place->now->id]);
        $of = static fn (string $card, string $film): array => \array_values(
            \array_filter($plan->composition->parts, static fn ($part): bool => $part->card === $card && $part->film === $film),
        );
        $expected = Geos::result('intersection', Geos::wkt($of('bar', 'sunup')[0]->region), Geos::wkt($of('ring', 'chalk')[0]->region));
        $expected = Geos::result('difference', $expected, Geos::wkt($of('ring', 'ink')[0]->region));
        self::assertLessThan(2e5, Geos::difference($expected, Geos::wkt($place->places)));
        $snags = self::told($plan);
        self::assertCount(1, $snags);
        self::assertStringStartsWith('Chalk is seen here, where Sun-up of the rectangle was', $snags[0]->message);
        self::assertTrue($snags[0]->fixes[0]->settles);
        self::assertFalse($snags[0]->kind->blocks());
    }

    public function testWhatLooksTheSameIsNotTold(): void
    {
        // The same two, but beside one another.
        self::assertSame([], self::told(self::formerly(self::bar('sunup', 200_000), self::ring('ink', 'chalk'))));
        // No film of the one lay between films of the other.
        $plain = self::formerly(self::bar('chalk'), self::ring('ink', 'sunup'));
        self::assertSame([[], []], [$plain->design->formerly, self::told($plain)]);
        // Nor is it once it is settled, or once the film is gone.
        $document = Json::of((string) \json_encode(self::document(self::bar('sunup'), self::ring('ink', 'chalk'))))->with('uvret', 3);
        self::assertSame([], self::told(self::plan((string) $document)));
        self::assertCount(1, self::told(self::plan((string) $document->with('formerly', ['gone', 'chalk', 'sunup', 'ink']))));
    }

    /** @param array<string, mixed> ...$forms */
    private static function formerly(array ...$forms): Plan
    {
        return self::plan((string) \json_encode(self::document(...$forms)));
    }

    private static function plan(string $json): Plan
    {
        return (new Planner(Letters::typeCase()))->plan((new DesignReader())->fromJson($json));
    }

    /**
     * @param array<string, mixed> ...$forms
     *
     * @return array<mixed> of format 2
     */
    private static function document(array ...$forms): array
    {
        $films = \array_map(static fn (string $id): array => ['id' => $id, 'name' => 'sunup' === $id ? 'Sun-up' : \ucfirst($id)] + Designs::FILM, self::FILMS);
        $document = \json_decode(Designs::json(['lines' => [], 'films' => $films, 'forms' => $forms]), true);
        \assert(\is_array($document));

        return ['uvret' => 2] + $document;
    }

    /** @return array<string, mixed> */
    private static function bar(string $film, int $down = 100_000): array
    {
        return ['id' => 'bar', 'kind' => 'rectangle', 'film' => $film, 'width' => 180_000, 'height' => 20_000, 'across' => 0, 'down' => $down];
    }

    /** @return array<string, mixed> */
    private static function ring(string $film, string $outline): array
    {
        return [
            'id' => 'ring', 'kind' => 'circle', 'film' => $film, 'width' => 60_000, 'height' => 60_000, 'across' => 0, 'down' => 100_000,
            'treatments' => ['outlines' => [['width' => 6_000, 'film' => $outline]]],
        ];
    }

    /** @return list<Snag> */
    private static function told(Plan $plan): array
    {
        return \array_values(\array_filter($plan->snags, static fn (Snag $snag): bool => SnagKind::OtherwiseNow === $snag->kind));
    }
}
