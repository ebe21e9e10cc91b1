<?php

declare(strict_types=1);

namespace Uvret\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Uvret\Design\DesignReader;
use Uvret\Plan\Fewer\FewerFilms;
use Uvret\Plan\Fewer\Proposal;
use Uvret\Plan\Planner;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Letters;

final class FewerFilmsTest extends TestCase
{
    public function testOutlinesAreLeftOutAndFilmsThatDoNotTouchAreTakenTogether(): void
    {
        $document = \json_decode((string) \file_get_contents(Designs::folder().'/regatta-hoodie.json'), false, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_object($document));
        $before = \json_encode($document);
        $reader = new DesignReader();
        $planner = new Planner(Letters::typeCase());
        $plan = $planner->plan($reader->fromDocument($document));
        self::assertCount(3, $plan->separation->layers);
        $complete = \json_encode($document);
        $proposals = (new FewerFilms($reader, $planner))->proposals($document, $plan);
        self::assertSame($complete, \json_encode($document), 'the design itself stays');
        self::assertNotSame($before, $complete);
        $says = \array_map(static fn (Proposal $proposal): string => $proposal->say, $proposals);
        // Chalk letters and their rim in Buoy touch, so these two are never taken together while there is a rim.
        self::assertSame([], \array_filter($says, static fn (string $say): bool => 1 === \preg_match('/^(Buoy in Chalk|Chalk in Buoy)/', $say)));
        self::assertSame(2, $proposals[0]->filmsSaved($plan), 'the greatest saving first: one film');
        self::assertContains(1, \array_map(static fn (Proposal $proposal): int => $proposal->filmsSaved($plan), $proposals));
        foreach ($proposals as $proposal) {
            // What is proposed is what its document gives.
            $again = $planner->plan($reader->fromDocument(\json_decode(\json_encode($proposal->document, \JSON_THROW_ON_ERROR))));
            self::assertSame($proposal->plan->filmLength(), $again->filmLength());
            self::assertLessThan($plan->filmLength(), $again->filmLength());
            self::assertGreaterThan(0, \count($again->separation->layers));
        }
    }
}
