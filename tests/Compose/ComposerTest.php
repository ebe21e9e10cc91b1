<?php

declare(strict_types=1);

namespace Uvret\Tests\Compose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Affine;
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

    public function testTightLinesCloseUpByTheirShapes(): void
    {
        foreach ([0, 3000, 8000] as $gap) {
            $lines = [
                'lines.0.words' => 'apa',
                'lines.0.font' => 'zilla-slab',
                ...Designs::secondLine(['words' => 'dod', 'font' => 'zilla-slab', 'gap' => $gap, 'tight' => true]),
            ];
            [$first, $second] = Designs::plan($lines)->composition->parts;
            self::assertNotNull($first->ink);
            self::assertNotNull($second->ink);
            $distance = $first->region->distanceTo($second->region);
            self::assertEqualsWithDelta($gap, $distance, 12, 'the real distance of the shapes');
            self::assertGreaterThan($first->ink->bottom - $gap, $second->ink->top, 'the letters go up between the tails of the line above');
            // Any further up they would be too near.
            $nearer = $second->region->transform(Affine::move(0, 200));
            self::assertTrue(0 === $gap ? !$first->region->intersect($nearer)->isEmpty() : $first->region->distanceTo($nearer) < $gap);
        }
        $middle = Designs::plan(['stack' => 'middle', ...$lines])->composition->ink();
        self::assertEqualsWithDelta(-240000, ($middle->top ?? 0) + ($middle->bottom ?? 0), 2);
    }

    public function testALineIsAlignedToTheInkOfTheOneAbove(): void
    {
        foreach (['left' => 0, 'centre' => 0.5, 'right' => 1] as $align => $share) {
            $plan = Designs::plan([
                'lines.0.shift' => 11000,
                ...Designs::secondLine(['align' => $align, 'alignTo' => 'above', 'size' => ['by' => 'width', 'length' => 90000]]),
            ]);
            [$first, $second] = [$plan->composition->parts[0]->ink, $plan->composition->parts[1]->ink];
            self::assertNotNull($first);
            self::assertNotNull($second);
            self::assertEqualsWithDelta($first->left + $share * $first->width(), $second->left + $share * $second->width(), 1, $align);
        }
    }

    public function testATurnedLineIsTheSameShapeTurned(): void
    {
        $straight = Designs::plan()->composition->parts[0];
        $turned = Designs::plan(['lines.0.turn' => 90])->composition->parts[0];
        self::assertNotNull($straight->ink);
        self::assertNotNull($turned->ink);
        self::assertEqualsWithDelta($straight->ink->width(), $turned->ink->height(), 2);
        self::assertEqualsWithDelta($straight->ink->height(), $turned->ink->width(), 2);
        self::assertSame([$straight->width, $straight->height], [$turned->width, $turned->height], 'sizes are those before the turn');
        self::assertEqualsWithDelta(1, $turned->region->area() / $straight->region->area(), 1e-4);
        // Clockwise as worn: the O at the beginning comes to the top.
        $back = Affine::move(-$turned->middleX, -$turned->middleY)->then(Affine::turn(90))->then(Affine::move($straight->middleX, $straight->middleY));
        self::assertEqualsWithDelta(0, $turned->region->transform($back)->exclusive($straight->region)->area() / $straight->region->area(), 1e-3);

        $fitted = Designs::plan(['lines.0.turn' => 30, 'lines.0.size' => ['by' => 'area', 'length' => 10000]]);
        self::assertEqualsWithDelta(20000, $fitted->spare(), 30);
    }

    public function testStretchWidensAndHidingLeavesOnlyThePlace(): void
    {
        $plan = Designs::plan(['lines.0.size' => ['by' => 'height', 'length' => 40000]])->composition->parts[0];
        $wide = Designs::plan(['lines.0.size' => ['by' => 'height', 'length' => 40000], 'lines.0.stretch' => 150])->composition->parts[0];
        self::assertEqualsWithDelta(1.5 * $plan->width, $wide->width, 1);
        self::assertSame($plan->height, $wide->height);

        $shown = Designs::plan(Designs::secondLine());
        $hidden = Designs::plan(['lines.0.hidden' => true, 'lines.0.shift' => 900000, ...Designs::secondLine()]);
        self::assertTrue($hidden->composition->parts[0]->region->isEmpty());
        self::assertEquals($shown->composition->parts[1]->ink, $hidden->composition->parts[1]->ink);
        self::assertSame([], $hidden->snags, 'a hidden line is nowhere in the way');
        self::assertSame($hidden->composition->parts[1]->ink?->width(), $hidden->composition->ink()?->width());
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
