<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Layering\JointKind;
use Uvret\Design\Layering\MarkKind;
use Uvret\Geometry\Length;
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
        \array_push($said, ...self::ofBlank($before->blank, $after->blank));
        if ($before->unit !== $after->unit) {
            $said[] = "Measures are in {$after->unit->symbol()}.";
        }
        if ($before->stack !== $after->stack) {
            $said[] = "The lines stand at the {$after->stack->value} of the area.";
        }
        $known = self::byId($before->lines);
        foreach ($after->lines as $line) {
            $was = $known[$line->id] ?? null;
            if (null === $was) {
                $said[] = \sprintf('%s was added.', self::call($line));
            } else {
                \array_push($said, ...self::ofLine($was, $line, $after));
            }
        }
        $left = self::byId($after->lines);
        foreach (\array_diff_key($known, $left) as $line) {
            $said[] = \sprintf('%s was removed.', self::call($line));
        }
        if (\array_keys(\array_intersect_key($known, $left)) !== \array_keys(\array_intersect_key($left, $known))) {
            $said[] = 'The lines are in another order.';
        }
        \array_push($said, ...self::ofForms($before->forms, $after->forms));
        if ($before->motifs != $after->motifs) {
            $said[] = \count($before->motifs) < \count($after->motifs) ? 'A motif was added.' : (\count($before->motifs) > \count($after->motifs) ? 'A motif was removed.' : 'A motif was changed.');
        }
        if ($before->clean != $after->clean) {
            $said[] = 'What is tidied away was changed.';
        }
        \array_push($said, ...self::ofFilms($before, $after));
        if ([] === $said && $before != $after) {
            $said[] = 'The films were changed.';
        }

        return $said;
    }

    /** @return list<string> */
    private static function ofFilms(Design $before, Design $after): array
    {
        $said = [];
        $names = static fn (Design $design, Design $other): array => \array_column(\array_filter($design->films, static fn (Film $film): bool => \in_array($film->id, \array_column($other->films, 'id'), true)), 'name', 'id');
        if (\array_keys($names($before, $after)) !== \array_keys($names($after, $before))) {
            $said[] = 'The films lie in another order: '.\implode(', ', $names($after, $before)).' from the bottom up.';
        }
        [$was, $is] = [$before->layering, $after->layering];
        foreach ($after->films as $number => $film) {
            foreach (\array_slice($after->films, $number + 1) as $other) {
                $joint = $is->joint($film->id, $other->id);
                if ($joint != $was->joint($film->id, $other->id)) {
                    $width = Length::ofMicrometres($joint->width)->format($after->unit).' '.$after->unit->symbol();
                    $said[] = "{$other->name} and {$film->name} are {$joint->kind->said()}".(JointKind::Butted === $joint->kind ? '.' : ", by $width.");
                }
            }
        }
        if ($was->marks !== $is->marks) {
            $said[] = MarkKind::None === $is->marks ? 'The layers have no marks.' : "The layers are laid on one another by: {$is->marks->value}.";
        }
        if ($was->thickest !== $is->thickest) {
            $said[] = \sprintf('All films together may be %.2f mm thick.', $is->thickest / 1_000);
        }

        return $said;
    }

    /** @return list<string> */
    private static function ofBlank(Blank $before, Blank $after): array
    {
        $said = [];
        if ($before->name !== $after->name || $before->size !== $after->size) {
            $said[] = "The blank is {$after->name}, {$after->size}.";
        }
        if ($before->fabric !== $after->fabric || $before->colour !== $after->colour) {
            $said[] = "The fabric is {$after->fabric}.";
        }
        if ($before->placement != $after->placement) {
            $said[] = "The placement is {$after->placement->name}.";
        }

        return $said;
    }

    /** @return list<string> */
    private static function ofLine(Line $before, Line $after, Design $design): array
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
            $changes[] = self::size($after->size, $design->unit);
        }
        if ($before->spacing !== $after->spacing) {
            $changes[] = "is spaced by {$after->spacing} ‰";
        }
        if ([$before->align, $before->toAbove, $before->gap, $before->tight, $before->shift, $before->turn] !== [$after->align, $after->toAbove, $after->gap, $after->tight, $after->shift, $after->turn]) {
            $changes[] = 'was moved';
        }
        if ($before->follows != $after->follows) {
            $changes[] = FollowPath::Straight === $after->follows->path ? 'runs straight' : "follows a path: {$after->follows->path->value}";
        }
        if ($before->fills != $after->fills) {
            $changes[] = $after->fills->isPlain() ? 'has level edges' : "has other edges: {$after->fills->top->shape->value} and {$after->fills->bottom->shape->value}";
        }
        if ($before->treatments != $after->treatments) {
            $changes[] = 'is treated in another way';
        }
        if ($before->hidden !== $after->hidden) {
            $changes[] = $after->hidden ? 'is hidden' : 'is shown';
        }
        if ($before->locked !== $after->locked) {
            $changes[] = $after->locked ? 'is locked' : 'is unlocked';
        }

        return \array_map(static fn (string $change): string => self::call($before)." $change.", $changes);
    }

    /**
     * @param list<Form> $before
     * @param list<Form> $after
     *
     * @return list<string>
     */
    private static function ofForms(array $before, array $after): array
    {
        $said = [];
        $known = \array_column($before, null, 'id');
        foreach ($after as $form) {
            $was = $known[$form->id] ?? null;
            if (null === $was) {
                $said[] = "A {$form->kind->value} was added.";
            } elseif ($was != $form) {
                $said[] = "The {$form->kind->value} was changed.";
            }
        }
        foreach (\array_diff_key($known, \array_column($after, null, 'id')) as $form) {
            $said[] = "The {$form->kind->value} was removed.";
        }

        return $said;
    }

    private static function size(Size $size, Unit $unit): string
    {
        $length = Length::ofMicrometres($size->length)->format($unit).' '.$unit->symbol();

        return match ($size->by) {
            SizeBy::Width => "is $length wide",
            SizeBy::Height => "is $length high",
            SizeBy::Letter => "has letters $length high",
            SizeBy::Area => "fills the area but for $length",
        };
    }

    private static function call(Line $line): string
    {
        return '' === \trim($line->words) ? 'A line without words' : "“{$line->words}”";
    }

    /**
     * @param list<Line> $lines
     *
     * @return array<string, Line>
     */
    private static function byId(array $lines): array
    {
        return \array_combine(\array_map(static fn (Line $line): string => $line->id, $lines), $lines);
    }
}
