<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Composition;
use Uvret\Compose\Treat\Remark;
use Uvret\Compose\Treat\RemarkKind;
use Uvret\Design\Design;
use Uvret\Design\Treatment\Islands;

/** Snags caused by treatments. */
final class TreatmentSnags
{
    /** @return list<Snag> */
    public static function of(Design $design, Composition $composition): array
    {
        return \array_map(static fn (Remark $remark): Snag => self::snag($design, $composition, $remark), $composition->remarks);
    }

    private static function snag(Design $design, Composition $composition, Remark $remark): Snag
    {
        $name = $design->cardName($remark->card);
        $other = $design->cardName($remark->other);
        [$kind, $message, $cure] = match ($remark->kind) {
            RemarkKind::CutThrough => [
                SnagKind::CutThrough,
                "$name cuts right through $other: it falls into {$remark->count} more ".(1 === $remark->count ? 'piece' : 'pieces').'.',
                'Move it, make it smaller, or reduce its clearance.',
            ],
            RemarkKind::ReadsOtherwise => [
                SnagKind::ReadsOtherwise,
                "$name sits below $other, so it will be read after it.",
                'Move it up or down, or reorder the cards.',
            ],
            RemarkKind::LooseIslands => [
                SnagKind::LooseIslands,
                1 === $remark->count ? "Inside $name one piece is loose." : "Inside $name {$remark->count} pieces are loose.",
                'Drop them or add bridges, unless the carrier is to hold them.',
            ],
            RemarkKind::TooSmallForBridges => [
                SnagKind::LooseIslands,
                1 === $remark->count
                    ? "Inside $name one counter is too narrow for a bridge: its island is loose."
                    : "Inside $name {$remark->count} counters are too narrow for a bridge: their islands are loose.",
                'Make it larger, close those counters, or make the bridges narrower.',
            ],
            RemarkKind::Unseen => [
                SnagKind::Unseen,
                "$name and $other overlap in the same film, so they merge into one shape.",
                'Set one into the other, cut it out, or choose another film.',
            ],
            RemarkKind::OnLettering => [SnagKind::OnLettering, "$name lies on $other.", 'If that isn’t intended, set it in or move it.'],
            RemarkKind::NoOther => [SnagKind::NotMade, "The card that $name is set into or cut from is gone.", 'Choose another card, or none.'],
        };

        $fixes = match ($remark->kind) {
            RemarkKind::LooseIslands => [
                new SnagFix('Add bridges', islands: Islands::Bridge->value),
                new SnagFix('Drop them', islands: Islands::Drop->value),
            ],
            RemarkKind::TooSmallForBridges => [
                ...self::larger($design, $composition, $remark),
                new SnagFix('Close those counters', islands: Islands::BridgeOrDrop->value),
            ],
            RemarkKind::OnLettering, RemarkKind::Unseen => [new SnagFix("Set it into $other", into: $remark->other)],
            default => [],
        };

        return new Snag($kind, $message, $cure, $remark->card, null, $remark->x, $remark->y, $fixes);
    }

    /** @return list<SnagFix> enlarging the letters, for lines */
    private static function larger(Design $design, Composition $composition, Remark $remark): array
    {
        foreach ($composition->parts as $part) {
            if ($part->card === $remark->card && !$part->also && $part->letterHeight > 0 && $remark->larger > 1.0) {
                $height = 100 * (int) \ceil($part->letterHeight * $remark->larger / 100);

                return [new SnagFix('Letters '.$design->measure($height).' high', letterHeight: $height)];
            }
        }

        return [];
    }
}
