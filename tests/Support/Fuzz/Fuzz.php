<?php

declare(strict_types=1);

namespace Uvret\Tests\Support\Fuzz;

/**
 * One kind of random test. A case is plain data, so that it can be printed, shrunk and kept.
 *
 * @phpstan-type Rings list<list<int>>
 * @phpstan-type FuzzCase array{a: Rings, b: Rings, more: array<string, int|float|string>}
 */
interface Fuzz
{
    /** @return FuzzCase */
    public function generate(\Random\Randomizer $random): array;

    /**
     * @param list<FuzzCase> $cases
     *
     * @return array<int, string> what is wrong, by the case's number; nothing for those that are right
     */
    public function check(array $cases): array;
}
