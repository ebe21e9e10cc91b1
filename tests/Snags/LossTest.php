<?php

declare(strict_types=1);

namespace Uvret\Tests\Snags;

use PHPUnit\Framework\TestCase;
use Uvret\Snags\LossFinder;
use Uvret\Snags\LossSnags;
use Uvret\Snags\Snag;
use Uvret\Tests\Support\Designs;

final class LossTest extends TestCase
{
    public function testThinStrokesAreFoundAndTheHeightAtWhichTheyPass(): void
    {
        $line = ['lines.0.font' => 'sacramento', 'lines.0.words' => 'crew'];
        $finder = new LossFinder();
        $small = Designs::plan([...$line, 'lines.0.size' => ['by' => 'letter', 'length' => 15000]]);
        $loss = $finder->find($small->design, $small->composition->parts[0]);
        self::assertNotNull($loss);
        self::assertFalse($loss->strokes->isEmpty());
        self::assertNotNull($loss->passHeight);
        self::assertSame('thin stroke', LossSnags::of($small->design, $loss)[0]->kind->value);
        // What is lost lies in the lettering.
        self::assertEqualsWithDelta(0, $loss->strokes->subtract($small->composition->parts[0]->region)->area() / $loss->strokes->area(), 1e-4);

        // A little above that height nothing is lost, well below it something is.
        $at = static fn (float $share) => Designs::plan([...$line, 'lines.0.size' => ['by' => 'letter', 'length' => (int) ($share * $loss->passHeight)]]);
        $above = $at(1.05);
        self::assertNull($finder->find($above->design, $above->composition->parts[0]));
        $below = $at(0.9);
        self::assertNotNull($finder->find($below->design, $below->composition->parts[0]));
    }

    public function testTheFilmDecides(): void
    {
        $line = ['lines.0.font' => 'graduate', 'lines.0.words' => 'TERN', 'lines.0.size' => ['by' => 'letter', 'length' => 14000]];
        $finder = new LossFinder();
        $smooth = Designs::plan($line);
        self::assertNull($finder->find($smooth->design, $smooth->composition->parts[0]));
        $glitter = Designs::plan([...$line, 'films.0.finish' => 'glitter']);
        self::assertNotNull($finder->find($glitter->design, $glitter->composition->parts[0]));
    }

    public function testHolesTooSmallToWeedAreFound(): void
    {
        $finder = new LossFinder();
        $plan = Designs::plan(['lines.0.font' => 'archivo-black', 'lines.0.words' => 'Beo', 'lines.0.size' => ['by' => 'letter', 'length' => 4500]]);
        $loss = $finder->find($plan->design, $plan->composition->parts[0]);
        self::assertNotNull($loss);
        self::assertCount(4, $loss->holes->pieces(), 'two of the B, one each of e and o');
        self::assertContains('small hole', \array_map(static fn (Snag $snag): string => $snag->kind->value, LossSnags::of($plan->design, $loss)));
    }
}
