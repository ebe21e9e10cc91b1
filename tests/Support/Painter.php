<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Uvret\Compose\Part;
use Uvret\Compose\PartRole;
use Uvret\Design\Form;
use Uvret\Design\Treatment\Around;
use Uvret\Plan\Plan;

/**
 * The picture that a design of forms is, painted by GEOS part by part from the bottom up. It works out by itself, from the document, what
 * lies on what.
 */
final class Painter
{
    /** @return array<string, string> what is seen of each film, as WKT */
    public static function picture(Plan $plan): array
    {
        $above = 'POLYGON EMPTY';
        $seen = [];
        foreach (\array_reverse(self::bottomUp($plan)) as $part) {
            $ink = Geos::wkt($part->region);
            $seen[$part->film] = Geos::result('union', $seen[$part->film] ?? 'POLYGON EMPTY', Geos::result('difference', $ink, $above));
            $above = Geos::result('union', $above, $ink);
        }

        return $seen;
    }

    /** @return list<Part> */
    private static function bottomUp(Plan $plan): array
    {
        $cards = [];
        foreach ([-1, 0, 1] as $depth) {
            \array_push($cards, ...\array_filter($plan->design->forms, static fn (Form $form): bool => $form->depth === $depth));
        }
        $painted = [];
        foreach ([Around::All, Around::Group] as $around) {
            foreach (\array_reverse($plan->design->forms) as $owner) {
                $round = \array_filter($cards, static fn (Form $form): bool => Around::All === $around || $form === $owner
                    || ('' !== $owner->treatments->group && $form->treatments->group === $owner->treatments->group));
                $lowest[$around->value][$owner->id] = \array_values($round)[0]->id;
            }
        }
        foreach ($cards as $card) {
            foreach ([Around::All, Around::Group] as $around) {
                foreach (\array_reverse($plan->design->forms) as $owner) {
                    if ($lowest[$around->value][$owner->id] === $card->id) {
                        \array_push($painted, ...self::parts($plan, $owner, $around, PartRole::Shadow, PartRole::Outline));
                    }
                }
            }
            \array_push($painted, ...self::parts($plan, $card, Around::Own, PartRole::Shadow, PartRole::Outline, PartRole::Base, PartRole::Inline));
        }

        return $painted;
    }

    /** @return list<Part> those of a card that go round the same, the lowest role first */
    private static function parts(Plan $plan, Form $card, Around $around, PartRole ...$roles): array
    {
        $rims = $card->treatments->outlines;
        // A card's own outlines stand before those that go round more, and both from the inside out.
        \usort($rims, static fn ($a, $b): int => \array_search($a->around, Around::cases(), true) <=> \array_search($b->around, Around::cases(), true));
        $parts = [];
        foreach ($roles as $role) {
            $own = \array_values(\array_filter($plan->composition->parts, static fn (Part $part): bool => $part->card === $card->id && $part->role === $role));
            $own = match ($role) {
                PartRole::Base, PartRole::Inline => Around::Own === $around ? $own : [],
                PartRole::Shadow => $card->treatments->shadow->around === $around ? $own : [],
                PartRole::Outline => \array_reverse(\array_values(\array_filter(
                    $own,
                    static fn (int $at): bool => $rims[$at]->around === $around,
                    \ARRAY_FILTER_USE_KEY,
                ))),
            };
            \array_push($parts, ...$own);
        }

        return $parts;
    }
}
