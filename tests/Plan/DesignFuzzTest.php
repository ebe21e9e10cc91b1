<?php

declare(strict_types=1);

namespace Uvret\Tests\Plan;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Uvret\Tests\Support\Fuzz\DesignFuzz;

/** A bounded run of what `bin/fuzz designs` does at length. */
#[Group('slow')]
final class DesignFuzzTest extends TestCase
{
    public function testDesignsThrownTogetherAreWorkedOutOrSayWhyNot(): void
    {
        for ($case = 0; $case < 40; ++$case) {
            self::assertNull(DesignFuzz::check(21, $case), "case $case of seed 21");
        }
    }
}
