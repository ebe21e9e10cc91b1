<?php

declare(strict_types=1);

namespace Uvret\Tests\Separate;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Uvret\Compose\Part;
use Uvret\Compose\PartRole;
use Uvret\Geometry\Box;
use Uvret\Separate\Run;
use Uvret\Separate\Unseen;

final class UnseenTest extends TestCase
{
    /** However it is told: what has nothing left but a hair is unseen, all else is not. */
    public function testAPartIsUnseenWhereNothingOfItIsLeft(): void
    {
        $dice = new Randomizer(new Mt19937(16));
        $hidden = $shown = 0;
        for ($round = 0; $round < 150; ++$round) {
            $run = Run::of(\array_map(static fn (int $card): Part => self::part("under-$card", 'ink', self::box($dice, 18)), \range(1, $dice->getInt(1, 4))));
            $above = [Run::of(\array_map(static fn (int $card): Part => self::part("over-$card", 'buoy', self::box($dice, 30)), \range(1, 3)))];
            $left = $run->region->subtract($above[0]->region);
            $unseen = \array_map(static fn (Unseen $one): string => $one->part->card, Unseen::among($run, $left, $above));
            $expected = [];
            foreach ($run->parts as $part) {
                if ($part->region->subtract($above[0]->region)->isEmpty()) {
                    $expected[] = $part->card;
                }
            }
            self::assertSame($expected, $unseen);
            $hidden += \count($unseen);
            $shown += \count($run->parts) - \count($unseen);
        }
        self::assertGreaterThan(20, $hidden);
        self::assertGreaterThan(100, $shown);
    }

    public function testAHairThatRoundingLeavesIsNotSeen(): void
    {
        $part = self::part('under', 'ink', new Box(0, 0, 10_000, 10_000));
        $far = self::part('far', 'ink', new Box(50_000, 0, 60_000, 10_000));
        $over = static fn (int $to): array => [Run::of([self::part('over', 'buoy', new Box(0, 0, $to, 10_000))])];
        $told = static function (Run $run, int $to) use ($over): array {
            return \array_map(static fn (Unseen $one): string => $one->by, Unseen::among($run, $run->region->subtract($over($to)[0]->region), $over($to)));
        };
        foreach ([Run::of([$part]), Run::of([$part, $far])] as $run) {
            self::assertSame(['over'], $told($run, 9_999));
            self::assertSame([], $told($run, 9_900));
            self::assertSame([], $told($run, 5_000));
        }
    }

    private static function part(string $card, string $film, Box $box): Part
    {
        return Part::added($card, PartRole::Outline, $film, $box->toRegion()) ?? throw new \LogicException('A box has bounds.');
    }

    private static function box(Randomizer $dice, int $most): Box
    {
        [$x, $y] = [1_000 * $dice->getInt(0, 30), 1_000 * $dice->getInt(0, 20)];

        return new Box($x, $y, $x + 1_000 * $dice->getInt(4, $most), $y + 1_000 * $dice->getInt(4, $most));
    }
}
