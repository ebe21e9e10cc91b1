<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Compose\Composition;
use Uvret\Compose\Part;
use Uvret\Design\Design;
use Uvret\Geometry\Box;
use Uvret\Geometry\SvgPath;
use Uvret\Roster\FittedLine;
use Uvret\Roster\PersonDesign;

/** One person's lettering. Lengths are in µm. */
#[OA\Schema(schema: 'ContactPerson', required: ['id', 'words', 'parts', 'box', 'lines', 'failure'])]
final readonly class ContactPerson
{
    /**
     * @param list<ContactPart> $parts
     * @param list<ContactFit>  $lines
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(description: 'Of all lines with fields.')]
        public string $words,
        #[OA\Property(description: 'From the bottom up.', items: new OA\Items(ref: '#/components/schemas/ContactPart'))]
        public array $parts,
        #[OA\Property(description: 'Around them; null where there is nothing to see.', ref: '#/components/schemas/Frame', nullable: true)]
        public ?Frame $box,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/ContactFit'))]
        public array $lines,
        #[OA\Property(description: 'Why nothing could be made.', nullable: true)]
        public ?string $failure,
    ) {
    }

    public static function of(PersonDesign $made, Composition $composition): self
    {
        $cards = \array_map(static fn (FittedLine $line): string => $line->line, $made->lines);
        $parts = \array_values(\array_filter(
            $composition->parts,
            static fn (Part $part): bool => !$part->guide && null !== $part->ink && \in_array($part->card, $cards, true) && !$part->region->isEmpty(),
        ));
        \usort($parts, static fn (Part $a, Part $b): int => $a->depth <=> $b->depth);
        $boxes = \array_values(\array_filter(\array_map(static fn (Part $part): ?Box => $part->region->bounds(), $parts)));

        return new self(
            id: $made->person->id,
            words: \implode(' ', \array_map(static fn (FittedLine $line): string => $line->words, $made->lines)),
            parts: \array_map(static fn (Part $part): ContactPart => new ContactPart(
                self::colour($made->design, $part->film),
                SvgPath::inMicrometres($part->region, 0, 0),
            ), $parts),
            box: [] === $boxes ? null : Frame::of(\array_reduce($boxes, static fn (Box $all, Box $box): Box => $all->joined($box), $boxes[0])),
            lines: \array_map(ContactFit::of(...), $made->lines),
            failure: [] === $made->lines ? 'There is nothing to cut: the fields are empty, or the line cannot be made.' : null,
        );
    }

    public static function failed(string $id, string $why): self
    {
        return new self($id, '', [], null, [], $why);
    }

    private static function colour(Design $design, string $film): string
    {
        return $design->film($film)->colour;
    }
}
