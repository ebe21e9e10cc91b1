<?php

declare(strict_types=1);

namespace Uvret\Design\Difference;

use Uvret\Design\Design;
use Uvret\Design\Treatment\CopyKind;
use Uvret\Design\Treatment\ShadowKind;
use Uvret\Design\Treatment\Treatments;

/** What became of a card's treatments, each in a few words that go on from its name. */
final class TreatmentDifferences
{
    /** @return list<string> */
    public static function between(Treatments $before, Treatments $after, Design $design): array
    {
        $changes = [];
        if ($before->group !== $after->group) {
            $changes[] = '' === $after->group ? 'is no longer kept together with others' : 'is kept together with others';
        }
        if ($before->erased != $after->erased) {
            $more = \count($after->erased) - \count($before->erased);
            $changes[] = $more > 0 ? 'had a piece taken out' : ($more < 0 ? 'has a piece back for good' : 'has other pieces taken out');
        }
        if ($before->copies != $after->copies) {
            $changes[] = CopyKind::None === $after->copies->kind ? 'has no copies' : "has copies: {$after->copies->kind->value}";
        }
        if ($before->outlines != $after->outlines) {
            $changes[] = [] === $after->outlines ? 'has no outline' : 'has another outline';
        }
        if ($before->shadow != $after->shadow) {
            $changes[] = ShadowKind::None === $after->shadow->kind ? 'has no shadow' : "has another shadow: {$after->shadow->kind->value}";
        }
        if ($before->inline != $after->inline) {
            $changes[] = 0 === $after->inline->width ? 'has no inline' : 'has another inline';
        }
        if ($before->setInto != $after->setInto) {
            $changes[] = '' === $after->setInto->card ? 'is set into nothing' : 'is set into '.$design->cardName($after->setInto->card).($before->setInto->card === $after->setInto->card ? ' in another way' : '');
        }
        if ($before->cutFrom != $after->cutFrom) {
            $changes[] = '' === $after->cutFrom->card ? 'is cut from nothing' : 'is cut from '.$design->cardName($after->cutFrom->card).($before->cutFrom->card === $after->cutFrom->card ? ' in another way' : '');
        }

        return $changes;
    }
}
