<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Difference\BlankDifferences;
use Uvret\Design\Difference\FilmDifferences;
use Uvret\Design\Difference\LineDifferences;
use Uvret\Design\Difference\ShapeDifferences;
use Uvret\Design\Difference\TreatmentDifferences;
use Uvret\Geometry\Unit;

/** What became of one state of a design in another, in words for the person at the screen. */
final readonly class Differences
{
    /** @return list<string> one sentence for each change; empty when there is none */
    public static function between(Design $before, Design $after): array
    {
        $said = [];
        if ($before->name !== $after->name) {
            $said[] = "The design is called “{$after->name}”.";
        }
        \array_push($said, ...BlankDifferences::between($before->blank, $after->blank));
        if ($before->unit !== $after->unit) {
            $said[] = 'Measures are in '.(Unit::Inch === $after->unit ? 'inches.' : 'millimetres.');
        }
        if ($before->stack !== $after->stack) {
            $said[] = "The lines stand at the {$after->stack->value} of the area.";
        }
        \array_push($said, ...self::ofCards('lines', $before->lines, $after->lines, $before, $after));
        \array_push($said, ...self::ofCards('forms', $before->forms, $after->forms, $before, $after));
        \array_push($said, ...self::ofCards('motifs', $before->motifs, $after->motifs, $before, $after));
        if ($before->clean != $after->clean) {
            $said[] = 'What is tidied away was changed.';
        }

        return [...$said, ...FilmDifferences::between($before, $after)];
    }

    /**
     * @param list<Line|Form|Motif> $before
     * @param list<Line|Form|Motif> $after
     *
     * @return list<string>
     */
    private static function ofCards(string $kind, array $before, array $after, Design $old, Design $new): array
    {
        $said = [];
        $known = \array_column($before, null, 'id');
        $left = \array_column($after, null, 'id');
        foreach ($after as $card) {
            $was = $known[$card->id] ?? null;
            if (null === $was) {
                $said[] = self::call($new, $card->id).' was added.';
                continue;
            }
            foreach (self::ofCard($was, $card, $new) as $change) {
                $said[] = self::call($old, $card->id)." $change.";
            }
        }
        foreach (\array_diff_key($known, $left) as $card) {
            $said[] = self::call($old, $card->id).' was removed.';
        }
        if (\array_keys(\array_intersect_key($known, $left)) !== \array_keys(\array_intersect_key($left, $known))) {
            $said[] = "The $kind are in another order.";
        }

        return $said;
    }

    /** @return list<string> */
    private static function ofCard(Line|Form|Motif $before, Line|Form|Motif $after, Design $design): array
    {
        $changes = match (true) {
            $before instanceof Line && $after instanceof Line => LineDifferences::between($before, $after, $design),
            $before instanceof Form && $after instanceof Form, $before instanceof Motif && $after instanceof Motif => ShapeDifferences::between($before, $after, $design),
            default => ['is another kind of card'],
        };
        \array_push($changes, ...TreatmentDifferences::between($before->treatments, $after->treatments, $design));
        if ($before->hidden !== $after->hidden) {
            $changes[] = $after->hidden ? 'is hidden' : 'is shown';
        }
        if ($before->locked !== $after->locked) {
            $changes[] = $after->locked ? 'is locked' : 'is unlocked';
        }

        return $changes;
    }

    /** A card at the beginning of a sentence. */
    private static function call(Design $design, string $id): string
    {
        $name = $design->cardName($id);

        return '“”' === $name ? 'A line without words' : \ucfirst($name);
    }
}
