<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Design\Treatment\Copies;
use Uvret\Design\Treatment\CopyKind;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;

/** Where the copies of a card go. */
final class Copying
{
    /** @return list<Affine> the first of them leaves the card where it is */
    public static function places(Copies $copies, Box $ink): array
    {
        $places = [Affine::identity()];
        switch ($copies->kind) {
            case CopyKind::None:
                break;
            case CopyKind::Grid:
                for ($row = 0; $row < $copies->down; ++$row) {
                    for ($column = 0; $column < $copies->across; ++$column) {
                        if ($row + $column > 0) {
                            $places[] = Affine::move($column * ($ink->width() + $copies->gap), -$row * ($ink->height() + $copies->gap));
                        }
                    }
                }
                break;
            case CopyKind::Mirrored:
                $places[] = Affine::mirror()->then(Affine::move(2 * $ink->right + $copies->gap, 0));
                break;
            case CopyKind::Around:
                $x = \intdiv($ink->left + $ink->right, 2);
                $y = \intdiv($ink->bottom + $ink->top, 2) - $copies->radius;
                for ($number = 1; $number < $copies->count; ++$number) {
                    $places[] = Affine::move(-$x, -$y)->then(Affine::turn(-360 * $number / $copies->count))->then(Affine::move($x, $y));
                }
        }

        return $places;
    }
}
