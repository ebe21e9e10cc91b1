<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Difference\BlankDifferences;
use Uvret\Design\Difference\CardDifferences;
use Uvret\Design\Difference\FilmDifferences;
use Uvret\Design\Difference\Phrases;
use Uvret\Design\Reading\ValueReader;

/** What became of one state of a design in another, in words for the person at the screen. */
final readonly class Differences
{
    /**
     * @param \stdClass $before a document as DesignReader leaves it: valid and complete
     * @param \stdClass $after  the same
     *
     * @return list<string> one sentence for each change; empty when there is none
     */
    public static function between(\stdClass $before, \stdClass $after): array
    {
        [$was, $is] = [ValueReader::read(Design::class, $before), ValueReader::read(Design::class, $after)];
        $whole = SchemaNode::in(DesignReader::SCHEMA);
        $of = static fn (string ...$fields): array => \array_map(
            static fn (string $phrase): string => \ucfirst($phrase).'.',
            (new Phrases($is))->between(\array_intersect_key($whole->properties(), \array_flip($fields)), $before, $after),
        );
        $cards = new CardDifferences($was, $is);

        return [
            ...$of('name'),
            ...BlankDifferences::between($was->blank, $is->blank),
            ...$of('unit', 'stack'),
            ...$cards->in('lines', $before, $after),
            ...$cards->in('forms', $before, $after),
            ...$cards->in('motifs', $before, $after),
            ...$of('clean', 'formerly'),
            ...FilmDifferences::between($was, $is),
            ...$of('weeding'),
        ];
    }
}
