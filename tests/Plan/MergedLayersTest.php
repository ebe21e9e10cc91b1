<?php

declare(strict_types=1);

namespace Uvret\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Uvret\Cut\CutSheet;
use Uvret\Design\DesignReader;
use Uvret\Design\Merge;
use Uvret\Plan\Planner;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\Letters;

/** What is cut from two changes put together is what is cut when both are made in turn. */
#[Group('slow')]
final class MergedLayersTest extends TestCase
{
    private const FILMS = ['ink', 'chalk'];

    /** @return iterable<string, array{\Closure(Json): Json, \Closure(Json): Json}> */
    public static function pairs(): iterable
    {
        $changes = self::changes();
        foreach ($changes as $name => $change) {
            foreach ($changes as $otherName => $other) {
                // Changes of the same are for a person to settle.
                if ($name < $otherName && \explode(':', $name)[0] !== \explode(':', $otherName)[0]) {
                    yield "$name and $otherName" => [$change, $other];
                }
            }
        }
    }

    /**
     * @param \Closure(Json): Json $one
     * @param \Closure(Json): Json $other
     */
    #[DataProvider('pairs')]
    public function testTheLayersAreThoseOfBothInTurn(\Closure $one, \Closure $other): void
    {
        $base = Json::of(Designs::json([
            'films' => \array_map(self::film(...), self::FILMS),
            'lines.0.treatments' => ['outlines' => [['film' => 'chalk', 'width' => 1_500]]],
            ...Designs::secondLine(['gap' => -9_000, 'film' => 'chalk']),
            'forms' => [['id' => 'plate', 'kind' => 'shield', 'film' => 'chalk', 'width' => 60_000, 'height' => 60_000, 'across' => 20_000, 'down' => 60_000]],
        ]));
        $merged = self::merge($base, $one($base), $other($base));
        self::assertEquals($merged, self::merge($base, $other($base), $one($base)));
        $inTurn = self::layers((string) $one($other($base)));
        self::assertSame($inTurn, self::layers((string) \json_encode($merged)));
        self::assertSame($inTurn, self::layers((string) $other($one($base))));
    }

    /** @return array<string, \Closure(Json): Json> by what they are about */
    private static function changes(): array
    {
        return [
            'words' => static fn (Json $json): Json => $json->with('lines.0.lettering.words', 'Henrik'),
            'size' => static fn (Json $json): Json => $json->with('lines.0.size', ['by' => 'width', 'length' => 150_000]),
            'second line: spacing' => static fn (Json $json): Json => $json->with('lines.1.lettering.spacing', 40),
            'films: one beneath the others' => self::below(...),
            'films again: one in between' => self::between(...),
            'form' => static fn (Json $json): Json => $json->with('forms.0.size', ['width' => 70_000, 'height' => 50_000]),
            'another form' => static fn (Json $json): Json => $json->with(
                'forms.1',
                [
                    'id' => 'ring',
                    'film' => 'ink',
                    'shape' => ['kind' => 'ring'],
                    'size' => ['width' => 50_000, 'height' => 50_000],
                    'place' => ['down' => 120_000],
                ],
            ),
            'trap' => static fn (Json $json): Json => $json->with('layering.usual', ['kind' => 'trapped', 'width' => 500]),
        ];
    }

    /** A film beneath all others, and the plate in it. */
    private static function below(Json $json): Json
    {
        return $json->with('films', [self::film('buoy'), ...(array) $json->get('films')])->with('forms.0.film', 'buoy');
    }

    /** A film over the lowest of those that there were, and the second line in it. */
    private static function between(Json $json): Json
    {
        $films = (array) $json->get('films');
        $at = (int) \array_search('ink', \array_column($films, 'id'), true);
        \array_splice($films, $at + 1, 0, [self::film('sunup')]);

        return $json->with('films', $films)->with('lines.1.film', 'sunup');
    }

    /** @return array<string, mixed> */
    private static function film(string $id): array
    {
        return ['id' => $id, 'name' => \ucfirst($id)] + Designs::FILM;
    }

    private static function merge(Json $base, Json $ours, Json $theirs): ?object
    {
        return Merge::of(Designs::complete((string) $base), Designs::complete((string) $ours), Designs::complete((string) $theirs));
    }

    /** @return list<array{string, list<list<int>>}> from the bottom up */
    private static function layers(string $document): array
    {
        $plan = (new Planner(Letters::typeCase()))->plan((new DesignReader())->fromJson($document));

        return \array_map(static fn (CutSheet $sheet): array => [$sheet->film->id, $sheet->region->rings()], $plan->cutPlan->sheets);
    }
}
