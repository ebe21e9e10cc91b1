<?php

declare(strict_types=1);

namespace Uvret\Design\Difference;

use Uvret\Design\Design;
use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Line;
use Uvret\Design\Size;
use Uvret\Design\SizeBy;

/** What became of a line, each in a few words that go on from its name. */
final class LineDifferences
{
    /** @return list<string> */
    public static function between(Line $before, Line $after, Design $design): array
    {
        $changes = [];
        if ($before->words !== $after->words) {
            $changes[] = "reads “{$after->words}”";
        }
        if ($before->font !== $after->font) {
            $changes[] = "has the font {$after->font}";
        }
        if ($before->film !== $after->film) {
            $changes[] = 'is cut from '.$design->film($after->film)->name;
        }
        if ($before->size != $after->size || $before->stretch !== $after->stretch) {
            $changes[] = self::size($after->size, $design);
        }
        if ($before->spacing !== $after->spacing) {
            $changes[] = "is spaced by {$after->spacing} ‰";
        }
        if ([$before->align, $before->toAbove, $before->gap, $before->tight, $before->shift, $before->turn] !== [$after->align, $after->toAbove, $after->gap, $after->tight, $after->shift, $after->turn]) {
            $changes[] = 'was moved';
        }
        // Where words were typed, what is set for their letters goes along.
        if ($before->letters != $after->letters && $before->words === $after->words) {
            $changes[] = 'has letters set in another way';
        }
        if ([$before->features, $before->wordForms] !== [$after->features, $after->wordForms]) {
            $changes[] = 'has other forms of letters';
        }
        if ($before->language !== $after->language) {
            $changes[] = '' === $after->language ? 'is in no language' : "is in the language {$after->language}";
        }
        if ($before->joins !== $after->joins) {
            $changes[] = "joins its letters: {$after->joins->value}";
        }
        if ($before->follows != $after->follows) {
            $changes[] = FollowPath::Straight === $after->follows->path ? 'runs straight' : "follows a path: {$after->follows->path->value}";
        }
        if ($before->fills != $after->fills) {
            $changes[] = $after->fills->isPlain() ? 'has level edges' : "has other edges: {$after->fills->top->shape->value} and {$after->fills->bottom->shape->value}";
        }

        return $changes;
    }

    private static function size(Size $size, Design $design): string
    {
        $length = $design->measure($size->length);

        return match ($size->by) {
            SizeBy::Width => "is $length wide",
            SizeBy::Height => "is $length high",
            SizeBy::Letter => "has letters $length high",
            SizeBy::Area => "fills the area but for $length",
        };
    }
}
