<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Uvret\App\Summary\Summary;

final class SummaryTest extends TestCase
{
    #[TestWith(['{"name": "Back of the shirt", "uvret": 9}', 'Back of the shirt'])]
    #[TestWith(['{"name": 5}', 'A design that can’t be read'])]
    #[TestWith(['{"uvret": 2}', 'A design that can’t be read'])]
    #[TestWith(['"Back of the shirt"', 'A design that can’t be read'])]
    #[TestWith(['{"name": "cut o', 'A design that can’t be read'])]
    public function testWhatCanNotBeReadKeepsTheNameThatIsReadable(string $document, string $name): void
    {
        $summary = Summary::unreadable($document, 'Why.');

        self::assertSame([$name, 'Why.', '', 0], [$summary->name, $summary->unreadable, $summary->picture, $summary->filmLength]);
    }
}
