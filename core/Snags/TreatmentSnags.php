<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Composition;
use Uvret\Compose\Treat\Remark;
use Uvret\Compose\Treat\RemarkKind;
use Uvret\Design\Design;
use Uvret\Design\Treatment\Islands;

/** What treatments bring with them. */
final class TreatmentSnags
{
    /** @return list<Snag> */
    public static function of(Design $design, Composition $composition): array
    {
        return \array_map(static fn (Remark $remark): Snag => self::snag($design, $remark), $composition->remarks);
    }

    private static function snag(Design $design, Remark $remark): Snag
    {
        $name = $design->cardName($remark->card);
        $other = $design->cardName($remark->other);
        [$kind, $message, $cure] = match ($remark->kind) {
            RemarkKind::CutThrough => [
                SnagKind::CutThrough,
                "$name cuts $other right through: it falls into {$remark->count} more ".(1 === $remark->count ? 'piece' : 'pieces').'.',
                'Move it, make it smaller, or give it less clearance.',
            ],
            RemarkKind::ReadsOtherwise => [
                SnagKind::ReadsOtherwise,
                "As it stands, $name is read in another order than typed: what lies lower is read later.",
                'Move it up or down, or change the order of the cards.',
            ],
            RemarkKind::LooseIslands => [
                SnagKind::LooseIslands,
                1 === $remark->count ? "Inside $name one piece hangs on nothing." : "Inside $name {$remark->count} pieces hang on nothing.",
                'Let them go too, or hang them on bridges, if the carrier is not to hold them.',
            ],
            RemarkKind::Unseen => [
                SnagKind::Unseen,
                "$name and $other lie on one another in one film, so they become one shape.",
                'Set one into the other, cut it from it, or take another film.',
            ],
            RemarkKind::OnLettering => [SnagKind::OnLettering, "$name lies on $other.", 'Set it into it, or move it, if it was not meant to.'],
            RemarkKind::NoOther => [SnagKind::NotMade, "What $name is set into or cut from is not there.", 'Choose another card, or none.'],
        };

        $fixes = match ($remark->kind) {
            RemarkKind::LooseIslands => [
                new Fix('Hang them on bridges', islands: Islands::Bridge->value),
                new Fix('Let them go', islands: Islands::Drop->value),
            ],
            RemarkKind::OnLettering, RemarkKind::Unseen => [new Fix("Set it into $other", into: $remark->other)],
            default => [],
        };

        return new Snag($kind, $message, $cure, $remark->card, null, $remark->x, $remark->y, $fixes);
    }
}
