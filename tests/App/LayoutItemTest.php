<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\TestCase;
use Uvret\App\Layout\LayoutItem;

final class LayoutItemTest extends TestCase
{
    public function testWhatIsCutTakesItsNumberAndPersonAlong(): void
    {
        $item = new LayoutItem('shirt', [4, 5, 6, 7], ['a', 'b', 'b', 'c']);
        self::assertSame([4, 6, 'b', 7, 'c'], [$item->copies(), $item->number(3), $item->person(3), $item->number(4), $item->person(4)]);
        $left = $item->without([1, 3]);
        self::assertEquals(new LayoutItem('shirt', [5, 7], ['b', 'c']), $left);
        self::assertSame($item->toArray(), LayoutItem::read($item->toArray(), 1)->toArray());
        self::assertSame(['design' => 'shirt', 'copies' => 2, 'numbers' => [5, 7], 'people' => ['b', 'c']], $left->toArray());
        self::assertEquals($item, $item->without([]));
        self::assertSame(0, $item->without([1, 2, 3, 4])->copies());
    }

    public function testThoseWhoAreAskedForAreLeftAsOftenAsAskedFor(): void
    {
        $item = new LayoutItem('shirt', [1, 2, 3, 4], ['a', 'b', 'b', 'c']);
        self::assertEquals(new LayoutItem('shirt', [2, 4], ['b', 'c']), $item->only(['c', 'b']));
        self::assertEquals(new LayoutItem('shirt', [2, 3], ['b', 'b']), $item->only(['b', 'b', 'b', 'gone']));
        self::assertSame(0, $item->only([])->copies());
    }

    public function testEqualCopiesOfEarlierVersionsAreNumbered(): void
    {
        $item = LayoutItem::read(['design' => 'cap', 'copies' => 3], 5);
        self::assertSame([[5, 6, 7], [], ''], [$item->numbers, $item->people, $item->person(1)]);
        self::assertSame([], LayoutItem::read(['design' => 'cap', 'copies' => 0], 5)->numbers);
        self::assertSame([6, 7], $item->without([1])->numbers);
    }
}
