<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Letters;

final class ComposerTest extends TestCase
{
    /** @param array{by: string, length: int} $size */
    #[DataProvider('sizes')]
    public function testSizesAreThoseOfTheInk(array $size, ?int $width, ?int $height): void
    {
        $part = Designs::plan(['lines.0.size' => $size])->composition->parts[0];
        self::assertNotNull($part->ink);
        if (null !== $width) {
            self::assertEqualsWithDelta($width, $part->ink->width(), 1);
        }
        if (null !== $height) {
            self::assertEqualsWithDelta($height, $part->ink->height(), 1);
        }
        if ('letter' === $size['by']) {
            self::assertSame($size['length'], $part->letterHeight);
        }
    }

    /** @return iterable<string, array{array{by: string, length: int}, ?int, ?int}> */
    public static function sizes(): iterable
    {
        yield 'by ink width' => [['by' => 'width', 'length' => 146000], 146000, null];
        yield 'by ink height' => [['by' => 'height', 'length' => 45200], null, 45200];
        yield 'by letter height' => [['by' => 'letter', 'length' => 30000], null, null];
        yield 'fitted with a margin' => [['by' => 'area', 'length' => 20000], 220000, null];
    }

    public function testLinesStackFromInkToInk(): void
    {
        $plan = Designs::plan(['lines.0.gap' => 12000, ...Designs::secondLine(['gap' => 7500, 'align' => 'right', 'shift' => -3000])]);
        [$first, $second] = $plan->composition->parts;
        self::assertNotNull($first->ink);
        self::assertNotNull($second->ink);
        self::assertSame(-12000, $first->ink->top);
        self::assertSame(0, $first->ink->left + $first->ink->right, 'centred on the area');
        self::assertEqualsWithDelta(7500, $first->ink->bottom - $second->ink->top, 1);
        self::assertSame(127000, $second->ink->right);

        $middle = Designs::plan(['stack' => 'middle', 'lines.0.gap' => 5000])->composition->parts[0]->ink;
        self::assertNotNull($middle);
        self::assertEqualsWithDelta(-240000, $middle->top + $middle->bottom, 2);

        $bottom = Designs::plan(['stack' => 'bottom', 'lines.0.gap' => 5000, ...Designs::secondLine(['gap' => 4000])])->composition->ink();
        self::assertNotNull($bottom);
        self::assertEqualsWithDelta(-235000, $bottom->bottom, 1);
    }

    public function testTrackingIsInThousandthsOfTheEm(): void
    {
        $letter = ['lines.0.size' => ['by' => 'letter', 'length' => 20000], 'lines.0.font' => 'anton'];
        $tight = Designs::plan($letter)->composition->parts[0]->ink;
        $loose = Designs::plan([...$letter, 'lines.0.spacing' => 100])->composition->parts[0]->ink;
        $font = Letters::font('anton');
        $em = 20000 / $font->letterHeight() * $font->unitsPerEm;
        self::assertNotNull($tight);
        self::assertNotNull($loose);
        self::assertEqualsWithDelta(6 * 0.1 * $em, $loose->width() - $tight->width(), 2);
    }

    public function testScriptIsWeldedToOnePieceAndKeepsItsHoles(): void
    {
        $region = Designs::plan(['lines.0.words' => 'anemone', 'lines.0.size' => ['by' => 'width', 'length' => 180000]])->composition->parts[0]->region;
        self::assertCount(1, $region->pieces(), 'the letters of the word hold together');
        self::assertCount(1 + 4, $region->rings(), 'a, o and both e keep their holes');
    }

    public function testOneLineThatCannotBeMadeLeavesTheOthers(): void
    {
        $plan = Designs::plan(['lines.0.font' => 'not-there', ...Designs::secondLine()]);
        self::assertNull($plan->composition->parts[0]->ink);
        self::assertNotNull($plan->composition->parts[1]->ink);
        self::assertSame('not made', $plan->snags[0]->kind->value);
        self::assertSame([], Designs::plan(['lines.0.words' => '  '])->cutPlan->sheets);
    }
}
