<?php

declare(strict_types=1);

namespace Uvret\Compose\Forms;

use Uvret\Design\Form;
use Uvret\Design\FormKind;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Curve\Path;
use Uvret\Geometry\Curve\PathBuilder;
use Uvret\Geometry\FillRule;
use Uvret\Geometry\Region;

/** Forms as curves of the exact width and height, centred on the origin, y up. Lengths are in µm. */
final readonly class FormOutline
{
    /** Placed and rotated. */
    public static function region(Form $form): Region
    {
        $map = Affine::turn(-$form->place->turn)->then(Affine::move($form->place->x, $form->place->y));

        return Region::fromRings(Flattening::rings(self::path($form), $map), FillRule::EvenOdd);
    }

    public static function path(Form $form): Path
    {
        $halfWidth = $form->size->width / 2;
        $halfHeight = $form->size->height / 2;
        $least = \min($halfWidth, $halfHeight);
        $band = (float) \min($form->shape->band, $least * 0.98);
        $corner = (float) \min($form->shape->corner, $least);

        return match ($form->shape->kind) {
            FormKind::Circle => (new PathBuilder())->ellipse(0, 0, $halfWidth, $halfHeight)->path(),
            FormKind::Ring => (new PathBuilder())->ellipse(0, 0, $halfWidth, $halfHeight)->ellipse(0, 0, $halfWidth - $band, $halfHeight - $band)->path(),
            FormKind::Rectangle => RectangleCorners::rounded($halfWidth, $halfHeight, $corner),
            FormKind::Label => RectangleCorners::cutIn($halfWidth, $halfHeight, $corner > 0 ? $corner : 0.3 * $least),
            FormKind::Polygon => Points::polygon($form->shape->count, $form->size->width, $form->size->height),
            FormKind::Star => Points::star($form->shape->count, 1 - $form->shape->depth / 100, $form->size->width, $form->size->height),
            FormKind::Heart => Emblems::heart($halfWidth, $halfHeight),
            FormKind::Shield => Emblems::shield($halfWidth, $halfHeight),
            FormKind::Pennant => Emblems::pennant($halfWidth, $halfHeight, $form->shape->depth / 100),
            FormKind::Ribbon => Emblems::ribbon($halfWidth, $halfHeight, $form->shape->depth / 100),
            FormKind::Arch => Emblems::arch($halfWidth, $halfHeight, $band),
        };
    }
}
