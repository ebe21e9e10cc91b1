<?php

declare(strict_types=1);

namespace Uvret\Tests\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Tests\Support\Fuzz\Run;

/** A bounded run of what bin/fuzz does at length. */
final class FuzzTest extends TestCase
{
    #[DataProvider('kinds')]
    public function testRandomCasesAgreeWithGeosAndTrueDistances(string $kind, int $cases): void
    {
        $wrong = Run::first($kind, 7, $cases);
        self::assertNull($wrong, null === $wrong ? '' : "$kind case {$wrong[0]} of seed 7: {$wrong[1]}");
    }

    /** @return iterable<string, array{string, int}> */
    public static function kinds(): iterable
    {
        yield 'set operations' => ['overlay', 300];
        yield 'offsets' => ['offset', 100];
        yield 'chains of operations' => ['chain', 50];
        yield 'lettering' => ['lettering', 12];
    }
}
