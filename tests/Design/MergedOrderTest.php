<?php

declare(strict_types=1);

namespace Uvret\Tests\Design;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Uvret\Design\MergedOrder;

/** Lists that two sides changed, letter by letter. */
final class MergedOrderTest extends TestCase
{
    #[DataProvider('lists')]
    public function testTheOrderOfBothSides(string $base, string $ours, string $theirs, ?string $merged): void
    {
        self::assertSame($merged, self::merge($base, $ours, $theirs));
    }

    /** @return iterable<string, array{string, string, string, string|null}> */
    public static function lists(): iterable
    {
        yield 'nothing changed' => ['abc', 'abc', 'abc', 'abc'];
        yield 'put in below what there was' => ['s', 'ns', 's', 'ns'];
        yield 'put in on top' => ['ab', 'abx', 'ab', 'abx'];
        yield 'put in between, while the other put one on top' => ['ab', 'axb', 'aby', 'axby'];
        yield 'put in between, while the other turned the order' => ['ab', 'axb', 'ba', 'bax'];
        yield 'put in at the start, while the other turned the order' => ['ab', 'xab', 'ba', 'bxa'];
        yield 'put in beside what the other removed' => ['abc', 'abxc', 'ac', 'axc'];
        yield 'all removed that there was' => ['ab', 'xab', '', 'x'];
        yield 'both at one place: by name' => ['ab', 'ayb', 'axb', 'axyb'];
        yield 'both put in the same' => ['ab', 'axb', 'axb', 'axb'];
        yield 'both put in the same, at other places' => ['ab', 'axb', 'abx', 'axb'];
        yield 'two of a kind stay together' => ['ab', 'axyb', 'azb', 'axyzb'];
        yield 'both turned it alike' => ['abc', 'cab', 'cab', 'cab'];
        yield 'both turned it, not alike' => ['abc', 'cab', 'bac', null];
    }

    /** Random changes of both sides. */
    public function testWhateverIsChanged(): void
    {
        $random = new Randomizer(new Mt19937(14));
        for ($round = 0; $round < 3_000; ++$round) {
            $base = \substr('abcdefg', 0, $random->getInt(0, 7));
            $ours = self::changed($base, 'uvw', $random);
            $theirs = self::changed($base, 'xyz', $random);
            $merged = self::merge($base, $ours, $theirs);
            $what = "$base: $ours, $theirs";
            self::assertSame($merged, self::merge($base, $theirs, $ours), "$what: whichever comes first");
            self::assertSame($ours, self::merge($base, $ours, $base), "$what: one side alone");
            if (null === $merged) {
                continue;
            }
            $there = static fn (string $of): string => \implode(
                '',
                \array_filter(\str_split($merged), static fn (string $id): bool => \str_contains($of, $id)),
            );
            self::assertSame(self::sorted(self::expected($base, $ours, $theirs)), self::sorted($merged), "$what: all that there ought to be");
            // What a side alone moved or put in stands to what is left of that side's as the side has it.
            $isMoved = static fn (string $side): bool => self::only($side, $base) !== self::only($base, $side);
            foreach ([[$ours, $theirs], [$theirs, $ours]] as [$side, $other]) {
                if (!$isMoved($other)) {
                    self::assertSame(self::only($side, $merged), $there($side), "$what: the order of $side in $merged");
                }
            }
        }
    }

    private static function changed(string $base, string $new, Randomizer $random): string
    {
        $side = '' === $base ? [] : \str_split($base);
        for ($changes = $random->getInt(0, 3), $at = 0; $at < $changes; ++$at) {
            match ($random->getInt(0, 4)) {
                0 => \array_splice($side, $random->getInt(0, \count($side)), 1),
                1 => [] === $side ? null : \array_splice(
                    $side,
                    $random->getInt(0, \count($side)),
                    0,
                    \array_splice($side, $random->getInt(0, \count($side) - 1), 1),
                ),
                default => \array_splice($side, $random->getInt(0, \count($side)), 0, [$new[$at]]),
            };
        }

        return \implode('', $side);
    }

    private static function merge(string $base, string $ours, string $theirs): ?string
    {
        $ids = static fn (string $side): array => '' === $side ? [] : \str_split($side);
        $merged = MergedOrder::of($ids($base), $ids($ours), $ids($theirs));

        return null === $merged ? null : \implode('', $merged);
    }

    /** The entries of one that are in another too, in the order of the first. */
    private static function only(string $one, string $other): string
    {
        return \implode('', \array_filter('' === $one ? [] : \str_split($one), static fn (string $id): bool => \str_contains($other, $id)));
    }

    private static function expected(string $base, string $ours, string $theirs): string
    {
        $new = self::without($ours, $base).self::without(self::without($theirs, $base), $ours);

        return self::only(self::only($base, $ours), $theirs).$new;
    }

    private static function without(string $one, string $other): string
    {
        return \implode('', \array_filter('' === $one ? [] : \str_split($one), static fn (string $id): bool => !\str_contains($other, $id)));
    }

    private static function sorted(string $ids): string
    {
        $letters = '' === $ids ? [] : \str_split($ids);
        \sort($letters);

        return \implode('', $letters);
    }
}
