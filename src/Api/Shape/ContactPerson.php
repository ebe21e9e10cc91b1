<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Compose\Composition;
use Uvret\Geometry\SvgPath;
use Uvret\Roster\PersonDesign;
use Uvret\Roster\PersonPicture;

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
        #[OA\Property(description: 'All lines with fields.')]
        public string $words,
        #[OA\Property(description: 'Bottom first.', items: new OA\Items(ref: '#/components/schemas/ContactPart'))]
        public array $parts,
        #[OA\Property(description: 'Bounds of the parts; null if there are none.', ref: '#/components/schemas/Frame', nullable: true)]
        public ?Frame $box,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/ContactFit'))]
        public array $lines,
        #[OA\Property(description: 'Why this person’s lettering can’t be made.', nullable: true)]
        public ?string $failure,
    ) {
    }

    public static function of(PersonDesign $made, Composition $composition): self
    {
        $picture = PersonPicture::of($made, $composition);

        return new self(
            id: $made->person->id,
            words: $picture->words,
            parts: \array_map(
                static fn (array $part): ContactPart => new ContactPart($part[0]->colour, SvgPath::inMicrometres($part[1], 0, 0)),
                $picture->parts,
            ),
            box: null === $picture->box ? null : Frame::of($picture->box),
            lines: \array_map(ContactFit::of(...), $made->lines),
            failure: [] === $made->lines ? 'There is nothing to cut: the fields are empty, or the line cannot be made.' : null,
        );
    }

    public static function failed(string $id, string $why): self
    {
        return new self($id, '', [], null, [], $why);
    }
}
