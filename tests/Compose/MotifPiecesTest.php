<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Forms\MotifOutline;
use Uvret\Compose\Forms\MotifPieces;
use Uvret\Compose\PartRole;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Plan\Plan;
use Uvret\Tests\Support\Designs;

/** Single pieces of motifs: left out, moved, sized, turned and in films of their own. */
final class MotifPiecesTest extends TestCase
{
    /** Two squares of 20 with a hole of 10 in the left one, which holds one of 4; in another colour a bar below: 60 × 40 in all. */
    private const COLOURS = [
        ['colour' => '#112233', 'film' => 'ink', 'path' => 'M0 0L20 0L20 20L0 20ZM5 5L15 5L15 15L5 15ZM8 8L12 8L12 12L8 12ZM40 0L60 0L60 20L40 20Z'],
        ['colour' => '#ddeeff', 'film' => 'chalk', 'path' => 'M0 30L60 30L60 40L0 40Z'],
    ];

    /** @return iterable<string, array{array<string, mixed>, Affine}> settings, and where they take the right square */
    public static function changes(): iterable
    {
        $middle = static fn (Affine $map): Affine => Affine::move(-20_000, -10_000)->then($map)->then(Affine::move(20_000, 10_000));
        yield 'moved by a tenth of the width and a quarter of the height' => [['across' => 1_000, 'down' => 2_500], $middle(Affine::move(6_000, -10_000))];
        yield 'half as large' => [['scale' => 50], $middle(Affine::scale(0.5))];
        yield 'turned' => [['turn' => 30], $middle(Affine::turn(-30))];
        yield 'all of it' => [
            ['turn' => 90, 'scale' => 200, 'across' => -500],
            $middle(Affine::scale(2)->then(Affine::turn(-90))->then(Affine::move(-3_000, 0))),
        ];
    }

    /** @param array<string, mixed> $settings */
    #[DataProvider('changes')]
    public function testAPieceIsMovedSizedAndTurnedAboutItsMiddle(array $settings, Affine $expected): void
    {
        // The right square's middle is a third of the width to the right and a quarter of the height up.
        $right = ['id' => 'right', 'colour' => 0, 'x' => 3_300, 'y' => -2_400];
        foreach ([0.0, 25.0] as $turn) {
            $place = Affine::turn(-$turn)->then(Affine::move(10_000, -100_000));
            $square = Region::fromRings([[10_000, 0, 30_000, 0, 30_000, 20_000, 10_000, 20_000]])->transform($expected->then($place));
            $rest = self::ink(self::plan([['gone' => true] + $right], $turn), 'ink');
            $all = self::ink(self::plan([$settings + $right], $turn), 'ink');
            self::assertLessThan(2.0 * $square->perimeter(), $all->exclusive($rest->union($square))->area());
        }
    }

    public function testAPieceIsLeftOutOrOfAnotherFilmAndTheOthersStay(): void
    {
        $plain = self::plan([]);
        self::assertSame([316.0 + 400.0, 600.0], self::areas($plain));
        // The square within the hole is a piece by itself; the one round it keeps its hole.
        $island = ['id' => 'island', 'colour' => 0, 'x' => -3_333, 'y' => -2_500];
        self::assertSame([300.0 + 400.0, 600.0], self::areas(self::plan([['gone' => true] + $island])));
        $other = self::plan([['film' => 'chalk'] + $island]);
        self::assertSame([300.0 + 400.0, 616.0], self::areas($other));
        $ring = ['id' => 'ring', 'colour' => 0, 'x' => -4_700, 'y' => -2_500];
        self::assertSame([16.0 + 400.0, 600.0], self::areas(self::plan([['gone' => true] + $ring])));
        // A point beside everything, or in another colour, is nobody's.
        self::assertSame([716.0, 600.0], self::areas(self::plan([['id' => 'none', 'colour' => 0, 'x' => 0, 'y' => 0, 'gone' => true]])));
        self::assertSame([716.0, 600.0], self::areas(self::plan([['colour' => 1, 'gone' => true] + $ring])));
    }

    public function testAPieceStaysTheSameWhateverTheMotifsSize(): void
    {
        $right = ['id' => 'right', 'colour' => 0, 'x' => 3_333, 'y' => -2_500, 'across' => 1_000];
        foreach ([[60_000, 40_000], [120_000, 40_000], [31_417, 90_001]] as [$width, $height]) {
            $box = self::ink(self::plan([$right], 0.0, $width, $height), 'ink')->bounds();
            // It was moved by a tenth of the width to the right of all.
            self::assertEqualsWithDelta(0.6 * $width, ($box->right ?? 0) - 10_000, 2.0);
        }
    }

    public function testEachPieceIsKnownByAPointInIt(): void
    {
        $motif = self::plan([])->design->motifs[0];
        $pieces = MotifPieces::of($motif, MotifOutline::drawn($motif, Affine::identity()));
        self::assertCount(4, $pieces);
        foreach ($pieces as $number => ['colour' => $colour, 'drawn' => $drawn]) {
            [$x, $y] = MotifPieces::point($motif, $drawn);
            $settings = ['id' => 'one', 'colour' => $colour, 'x' => $x, 'y' => -$y];
            $again = self::plan([$settings])->design->motifs[0];
            $found = MotifPieces::of($again, MotifOutline::drawn($again, Affine::identity()));
            self::assertSame([$number], \array_keys(\array_filter($found, static fn (array $piece): bool => null !== $piece['settings'])));
        }
    }

    public function testALineFillsOnePieceAsItLies(): void
    {
        // Of the bar below, which is moved, and of the left square's island.
        $bar = ['id' => 'bar', 'colour' => 1, 'x' => 100, 'y' => 3_800, 'across' => 500, 'down' => 2_000];
        foreach ([[$bar, '1 100 3800'], [[], '0 3333 -2500']] as [$settings, $piece]) {
            $fills = ['top' => ['shape' => 'form'], 'bottom' => ['shape' => 'form'], 'form' => 'motif', 'inset' => 1_000, 'piece' => $piece];
            $line = ['id' => 'word', 'film' => 'ink', 'lettering' => ['words' => 'OARS', 'font' => 'anton'], 'size' => ['by' => 'width', 'length' => 9_000]];
            $plan = self::plan([] === $settings ? [] : [$settings], 0.0, lines: [$line + ['fills' => $fills]]);
            $word = $plan->composition->parts[0]->region;
            $square = Region::fromRings([[10_000, 0, 30_000, 0, 30_000, 20_000, 10_000, 20_000]]);
            $below = Region::fromRings([[-30_000, -20_000, 30_000, -20_000, 30_000, -10_000, -30_000, -10_000]])->transform(Affine::move(3_000, -8_000));
            $room = ([] === $settings ? $square : $below)->transform(Affine::move(10_000, -100_000))->offset(-1_000);
            [$inside, $box] = [$word->bounds(), $room->bounds()];
            self::assertNotNull($inside);
            self::assertNotNull($box);
            self::assertTrue($word->subtract($room->offset(15))->isEmpty());
            foreach (['left', 'right', 'bottom', 'top'] as $side) {
                self::assertEqualsWithDelta($box->{$side}, $inside->{$side}, 30, "$piece $side");
            }
        }
        $gone = self::plan([], 0.0, lines: [['fills' => ['piece' => '1 9000 9000'] + $fills] + $line]);
        self::assertStringContainsString('The shape this line fills is gone.', (string) $gone->composition->parts[0]->failure);
    }

    /**
     * @param list<array<string, mixed>> $pieces
     * @param list<array<string, mixed>> $lines
     */
    private static function plan(array $pieces, float $turn = 0.0, int $width = 60_000, int $height = 40_000, array $lines = []): Plan
    {
        return Designs::plan([
            'lines' => $lines,
            'films' => [Designs::FILM, ['id' => 'chalk', 'name' => 'Chalk'] + Designs::FILM],
            'motifs' => [[
                'id' => 'motif', 'name' => 'Squares', 'colours' => self::COLOURS, 'pieces' => $pieces,
                'width' => $width, 'height' => $height, 'across' => 10_000, 'down' => 100_000, 'turn' => $turn,
            ]],
        ]);
    }

    private static function ink(Plan $plan, string $film): Region
    {
        foreach ($plan->composition->parts as $part) {
            if ($part->film === $film && PartRole::Base === $part->role) {
                return $part->region;
            }
        }
        self::fail("Nothing is of $film.");
    }

    /** @return array{float, float} of ink and chalk, in mm² */
    private static function areas(Plan $plan): array
    {
        return [\round(self::ink($plan, 'ink')->area() / 1e6, 3), \round(self::ink($plan, 'chalk')->area() / 1e6, 3)];
    }
}
