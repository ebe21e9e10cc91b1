<?php

declare(strict_types=1);

namespace Uvret\Design\Difference;

use Uvret\Design\Design;
use Uvret\Design\Form;
use Uvret\Design\Motif;

/** What became of a form or a motif, each in a few words that go on from its name. */
final class ShapeDifferences
{
    /**
     * @template Shape of Form|Motif
     *
     * @param Shape $before
     * @param Shape $after
     *
     * @return list<string>
     */
    public static function between(Form|Motif $before, Form|Motif $after, Design $design): array
    {
        $changes = [];
        if ([$before->width, $before->height] !== [$after->width, $after->height]) {
            $changes[] = "is {$design->measure($after->width)} wide and {$design->measure($after->height)} high";
        }
        if ([$before->across, $before->down, $before->turn] !== [$after->across, $after->down, $after->turn]) {
            $changes[] = 'was moved';
        }
        if ($before instanceof Form && $after instanceof Form) {
            if ($before->film !== $after->film) {
                $changes[] = 'is cut from '.$design->film($after->film)->name;
            }
            if ([$before->kind, $before->corner, $before->band, $before->count, $before->depth] !== [$after->kind, $after->corner, $after->band, $after->count, $after->depth]) {
                $changes[] = 'has another shape';
            }
            if ($before->guide !== $after->guide) {
                $changes[] = $after->guide ? 'is only a guide' : 'is no longer a guide';
            }
        }
        if ($before instanceof Motif && $after instanceof Motif) {
            if ($before->name !== $after->name) {
                $changes[] = "is called “{$after->name}”";
            }
            if ($before->colours != $after->colours) {
                $changes[] = 'has other colours';
            }
        }

        return $changes;
    }
}
