<?php

declare(strict_types=1);

namespace Uvret\Design\Difference;

use Uvret\Design\Design;
use Uvret\Design\Layering\JointKind;
use Uvret\Design\Layering\MarkKind;

/** What became of the films, and of how they are put on one another. */
final class FilmDifferences
{
    /** @return list<string> */
    public static function between(Design $before, Design $after): array
    {
        $said = [];
        $was = \array_column($before->films, null, 'id');
        $is = \array_column($after->films, null, 'id');
        foreach (\array_diff_key($is, $was) as $film) {
            $said[] = "The film {$film->name} was added.";
        }
        foreach (\array_diff_key($was, $is) as $film) {
            $said[] = "The film {$film->name} was removed.";
        }
        foreach (\array_intersect_key($is, $was) as $id => $film) {
            if ($film != $was[$id]) {
                $said[] = "The film {$film->name} was changed.";
            }
        }
        $kept = \array_intersect_key($is, $was);
        if (\array_keys($kept) !== \array_keys(\array_intersect_key($was, $is))) {
            $said[] = 'The press order of the films changed: '.\implode(', ', \array_column($kept, 'name')).' from the bottom up.';
        }

        return [...$said, ...self::layering($before, $after)];
    }

    /** @return list<string> */
    private static function layering(Design $before, Design $after): array
    {
        $said = [];
        [$was, $is] = [$before->layering, $after->layering];
        foreach ($after->films as $number => $film) {
            foreach (\array_slice($after->films, $number + 1) as $other) {
                $joint = $is->joint($film->id, $other->id);
                if ($joint != $was->joint($film->id, $other->id)) {
                    $by = JointKind::Butted === $joint->kind ? '' : ", by {$after->measure($joint->width)}";
                    $said[] = "{$other->name} and {$film->name} are {$joint->kind->said()}$by.";
                }
            }
        }
        if ([] === $said && $was->usual != $is->usual) {
            $by = JointKind::Butted === $is->usual->kind ? '' : ", by {$after->measure($is->usual->width)}";
            $said[] = "Films are usually {$is->usual->kind->said()}$by.";
        }
        if ($was->marks !== $is->marks) {
            $said[] = MarkKind::None === $is->marks ? 'Registration marks removed.' : "Registration marks changed to {$is->marks->value}.";
        }
        if ($was->thickest !== $is->thickest) {
            $said[] = \sprintf('The thickness limit changed to %.2f mm.', $is->thickest / 1_000);
        }

        return $said;
    }
}
