<?php

declare(strict_types=1);

namespace Uvret\Tests\Support\Fuzz;

/**
 * Runs many random cases from a seed and shrinks the first that fails.
 *
 * @phpstan-import-type FuzzCase from Fuzz
 */
final class Run
{
    /** All kinds, and how many of a hundred cases each gets. */
    public const KINDS = [
        'overlay' => [OverlayFuzz::class, 72],
        'offset' => [OffsetFuzz::class, 12],
        'chain' => [ChainFuzz::class, 12],
        'lettering' => [LetteringFuzz::class, 4],
    ];

    /** No batch may take longer than this for each of its cases, in seconds. */
    private const SECONDS = 5;

    private const BATCH = 25;

    /**
     * @param callable(int): void|null $progress told how many cases are done
     *
     * @return array{int, string}|null the number and description of a case that fails
     */
    public static function first(string $kind, int $seed, int $count, ?callable $progress = null): ?array
    {
        $fuzz = new (self::KINDS[$kind][0])();
        for ($from = 0; $from < $count; $from += self::BATCH) {
            $cases = [];
            for ($number = $from; $number < \min($count, $from + self::BATCH); ++$number) {
                $cases[] = $fuzz->generate(new \Random\Randomizer(new \Random\Engine\Mt19937($seed * 1_000_003 + $number)));
            }
            $wrong = self::checkInTime($fuzz, $cases);
            if ([] !== $wrong) {
                $at = \min(\array_keys($wrong));
                $case = self::shrunk($fuzz, $cases[$at]);

                return [$from + $at, $wrong[$at].' '.\json_encode($case, \JSON_THROW_ON_ERROR)];
            }
            if (null !== $progress) {
                $progress(\count($cases));
            }
        }

        return null;
    }

    /**
     * @param list<FuzzCase> $cases
     *
     * @return array<int, string>
     */
    private static function checkInTime(Fuzz $fuzz, array $cases): array
    {
        \pcntl_async_signals(true);
        \pcntl_signal(\SIGALRM, static fn () => throw new \RuntimeException('takes too long'));
        \pcntl_alarm(self::SECONDS * \count($cases));
        try {
            return $fuzz->check($cases);
        } catch (\RuntimeException $e) {
            return 1 === \count($cases) ? [0 => $e->getMessage()] : self::oneByOne($fuzz, $cases);
        } finally {
            \pcntl_alarm(0);
        }
    }

    /**
     * @param list<FuzzCase> $cases
     *
     * @return array<int, string>
     */
    private static function oneByOne(Fuzz $fuzz, array $cases): array
    {
        return \array_map(
            static fn (array $wrong): string => $wrong[0],
            \array_filter(\array_map(static fn (array $case): array => self::checkInTime($fuzz, [$case]), $cases)),
        );
    }

    /**
     * Takes away rings and points as long as something stays wrong.
     *
     * @param FuzzCase $case
     *
     * @return FuzzCase
     */
    private static function shrunk(Fuzz $fuzz, array $case): array
    {
        do {
            $smaller = false;
            foreach (self::smaller($case) as $candidate) {
                if ([] !== self::checkInTime($fuzz, [$candidate])) {
                    $case = $candidate;
                    $smaller = true;
                    break;
                }
            }
        } while ($smaller);

        return $case;
    }

    /**
     * @param FuzzCase $case
     *
     * @return iterable<FuzzCase>
     */
    private static function smaller(array $case): iterable
    {
        foreach (['a', 'b'] as $operand) {
            foreach ($case[$operand] as $ring => $points) {
                if (\count($case['a']) + \count($case['b']) > 1) {
                    $less = $case;
                    \array_splice($less[$operand], $ring, 1);
                    yield $less;
                }
                for ($i = 0; $i < \count($points) && \count($points) > 6; $i += 2) {
                    $less = $case;
                    $fewer = $points;
                    \array_splice($fewer, $i, 2);
                    $less[$operand][$ring] = $fewer;
                    yield $less;
                }
            }
        }
    }
}
