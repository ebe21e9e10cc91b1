<?php

declare(strict_types=1);

namespace Uvret\Tests\Cut;

use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Designs;

final class CutPlanTest extends TestCase
{
    public function testTheBladeSideIsMirroredOnceBecauseTheFilmSaysSo(): void
    {
        $mirrored = Designs::plan();
        $asWorn = Designs::plan(['films.0.bladeSide' => 'as worn']);
        $wear = $mirrored->composition->parts[0]->region;

        self::assertSame(self::atOrigin($wear->transform(Affine::mirror()))->rings(), self::atOrigin($mirrored->cutPlan->sheets[0]->region)->rings());
        self::assertSame(self::atOrigin($wear)->rings(), self::atOrigin($asWorn->cutPlan->sheets[0]->region)->rings());
    }

    public function testTheWeedingBoxStandsOffTheInk(): void
    {
        $sheet = Designs::plan()->cutPlan->sheets[0];
        $ink = $sheet->region->bounds();
        self::assertNotNull($ink);
        self::assertEquals($ink->grown(6000), $sheet->box);
        self::assertSame(0, $sheet->box->left);
        self::assertSame($sheet->box->height(), $sheet->filmLength());
        self::assertSame(\count($sheet->region->rings()) - $sheet->pieces() + 1, $sheet->toWeed());
    }

    public function testALayerTooWideForItsFilmIsTurnedOrBecomesASnag(): void
    {
        $turned = Designs::plan(['films.0.width' => 150000]);
        self::assertTrue($turned->cutPlan->sheets[0]->turned);
        self::assertSame($turned->cutPlan->sheets[0]->box->width(), $turned->cutPlan->sheets[0]->filmLength());
        self::assertSame([], $turned->snags);

        $tooWide = Designs::plan(['films.0.width' => 60000]);
        self::assertSame('wider than the film', $tooWide->snags[0]->kind->value);
        self::assertStringContainsString('60.0 mm', $tooWide->snags[0]->message);
    }

    public function testInkOutsideTheAreaIsASnagWithItsPlace(): void
    {
        $snags = Designs::plan(['lines.0.shift' => 50000])->snags;
        self::assertCount(1, $snags);
        self::assertSame('outside the area', $snags[0]->kind->value);
        self::assertStringContainsString('20.0 mm at the right', $snags[0]->message);
        self::assertSame(130000, $snags[0]->x);
        self::assertSame('missing letter', Designs::plan(['lines.0.words' => 'Tern 日'])->snags[0]->kind->value);
    }

    private static function atOrigin(Region $region): Region
    {
        $box = $region->bounds();
        self::assertNotNull($box);

        return $region->transform(Affine::move(-$box->left, -$box->bottom));
    }
}
