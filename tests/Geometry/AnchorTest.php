<?php

declare(strict_types=1);

namespace Uvret\Tests\Geometry;

use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Anchor;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

final class AnchorTest extends TestCase
{
    public function testWhatIsAlikeIsTheSameAtHomeAndComesBackToItsPlace(): void
    {
        $shape = (new Box(-3_000, 500, 4_001, 9_000))->toRegion()->subtract((new Box(0, 1_000, 1_000, 2_000))->toRegion());
        $beside = (new Box(6_000, -700, 7_000, 300))->toRegion();
        foreach ([[0, 0], [17, -5], [-100_001, 33_333]] as [$dx, $dy]) {
            $move = Affine::move($dx, $dy);
            $anchor = Anchor::of($shape->transform($move));
            self::assertSame([-3_000 + $dx, 500 + $dy], [$anchor->x, $anchor->y]);
            self::assertSame(Anchor::of($shape)->home($shape)->rings(), $anchor->home($shape->transform($move))->rings());
            // What belongs to it is brought along as far.
            self::assertSame([9_000, -1_200], \array_slice($anchor->home($beside->transform($move))->rings()[0], 0, 2));
            self::assertSame($shape->transform($move)->rings(), $anchor->back($anchor->home($shape->transform($move)))->rings());
        }
        self::assertSame([0, 0], [Anchor::of(Region::empty())->x, Anchor::of(Region::empty())->y]);
    }
}
