<?php

declare(strict_types=1);

namespace Uvret\Plan;

use Uvret\Compose\Part;
use Uvret\Cut\CutSheet;
use Uvret\Geometry\Box;
use Uvret\Separate\FilmJoint;
use Uvret\Snags\Loss;
use Uvret\Snags\LossSnags;
use Uvret\Snags\Snag;

/** A plan's measures and snags as plain data for plan.json. Lengths are in µm, areas in mm². */
final readonly class PlanReport
{
    /**
     * @param list<Loss> $losses what would tear or could not be weeded
     *
     * @return array<string, mixed>
     */
    public static function of(Plan $plan, array $losses): array
    {
        return [
            'design' => $plan->design->name,
            'area' => ['width' => $plan->composition->area->width(), 'height' => $plan->composition->area->height()],
            'ink' => self::box($plan->composition->ink()),
            'spare' => $plan->spare(),
            'filmLength' => $plan->filmLength(),
            'parts' => \array_map(static fn (Part $part): array => [
                'card' => $part->card,
                'role' => $part->role->value,
                'film' => $part->film,
                'ink' => self::box($part->ink),
                'letterHeight' => $part->letterHeight,
                'area' => \round($part->region->area() / 1e6, 6),
                'pieces' => \count($part->region->pieces()),
            ], $plan->composition->parts),
            'layers' => \array_map(static fn (CutSheet $sheet): array => [
                'film' => $sheet->film->id,
                'file' => $sheet->film->id.'-blade-side.svg',
                'mirrored' => $sheet->film->mirrored,
                'box' => ['width' => $sheet->box->width(), 'height' => $sheet->box->height()],
                'area' => \round($sheet->region->area() / 1e6, 6),
                'pieces' => $sheet->pieces(),
                'toWeed' => $sheet->toWeed(),
                'turned' => $sheet->turned,
                'filmLength' => $sheet->filmLength(),
                'fits' => $sheet->fits(),
                'safe' => $plan->separation->safe($sheet->film->id),
            ], $plan->cutPlan->sheets),
            'joints' => \array_map(static fn (FilmJoint $joint): array => [
                'lower' => $joint->lower->id,
                'upper' => $joint->upper->id,
                'kind' => $joint->kind->value,
                'width' => $joint->width,
                'reason' => $joint->reason,
            ], $plan->separation->joints),
            'snags' => \array_map(self::snag(...), $plan->snags),
            'losses' => \array_map(self::snag(...), \array_merge(...\array_map(static fn (Loss $loss): array => LossSnags::of($plan->design, $loss), $losses))),
        ];
    }

    /** @return array<string, mixed> */
    private static function snag(Snag $snag): array
    {
        return [
            'kind' => $snag->kind->value,
            'blocks' => $snag->kind->blocks(),
            'message' => $snag->message,
            'cure' => $snag->cure,
            'card' => $snag->card,
            'film' => $snag->film,
            'x' => $snag->x,
            'y' => $snag->y,
        ];
    }

    /** @return array{left: int, top: int, width: int, height: int}|null */
    private static function box(?Box $box): ?array
    {
        return null === $box ? null : ['left' => $box->left, 'top' => $box->top, 'width' => $box->width(), 'height' => $box->height()];
    }
}
