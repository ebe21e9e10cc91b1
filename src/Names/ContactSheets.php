<?php

declare(strict_types=1);

namespace Uvret\App\Names;

use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\ContactLine;
use Uvret\App\Api\Shape\ContactPerson;
use Uvret\App\Api\Shape\ContactSheet;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Repository\Rosters;
use Uvret\Compose\Composer;
use Uvret\Design\Line;
use Uvret\Proof\ListEntry;
use Uvret\Proof\ListProof;
use Uvret\Proof\ProofNotes;
use Uvret\Roster\Filling;
use Uvret\Roster\Person;
use Uvret\Roster\PersonPicture;
use Uvret\Roster\RosterException;
use Uvret\Roster\Team;

/** Contact sheets: a design's lettering for the people of its job's list. */
final readonly class ContactSheets
{
    public function __construct(
        private Rosters $rosters,
        private DraftReader $drafts,
        private Team $team,
        private BlankSizes $sizes,
        private Composer $composer,
    ) {
    }

    public function of(JobDesign $kept, int $from, int $count): ContactSheet
    {
        $people = $this->people($kept);
        $document = $this->drafts->decode($kept->document);
        $design = $this->team->design($document);
        $tallest = $this->team->tallest($design, $people);
        $sizes = $this->sizes->of($document);
        $cards = [];
        $asked = \array_slice($people, $from, $count);
        foreach ($this->team->each($document, $asked, $people, $sizes) as $at => $made) {
            $cards[] = $made instanceof RosterException
                ? ContactPerson::failed($asked[$at]->id, $made->getMessage())
                : ContactPerson::of($made, $this->composer->compose($made->design));
        }

        return new ContactSheet(
            $design->blank->fabric->colour,
            \count($people),
            \array_map(
                static fn (Line $line): ContactLine => new ContactLine($line->id, $line->lettering->words, $tallest[$line->id] ?? null),
                Filling::lines($design),
            ),
            $cards,
        );
    }

    /**
     * Pages for the customer to check and sign.
     *
     * @return list<string> SVG documents
     */
    public function proof(JobDesign $kept): array
    {
        $people = $this->people($kept);
        $document = $this->drafts->decode($kept->document);
        $design = $this->team->design($document);
        $sizes = $this->sizes->of($document);
        $approved = $kept->approved();
        $entries = [];
        foreach ($this->team->each($document, $people, $people, $sizes) as $at => $made) {
            $person = $people[$at];
            // The page shows people without lettering as such; the list says why.
            $picture = $made instanceof RosterException ? null : PersonPicture::of($made, $this->composer->compose($made->design));
            $about = [$person->cut('number'), $person->cut('size'), $person->quantity() > 1 ? "{$person->quantity()} pieces" : ''];
            $entries[] = new ListEntry(
                $picture,
                $person->name(),
                \implode(' · ', \array_filter($about, static fn (string $part): bool => '' !== $part)),
                true === $approved?->isChanged($person) ? 'changed since approval' : '',
            );
        }

        return (new ListProof())->pages($design, $entries, new ProofNotes(
            $kept->job->title,
            $kept->job->customer,
            $kept->step,
            (new \DateTimeImmutable())->format('j F Y'),
            $approved?->step === $kept->step ? \sprintf('Approved by %s on %s', $approved->by, $approved->at?->format('j F Y')) : null,
        ));
    }

    /** @return list<Person> */
    private function people(JobDesign $kept): array
    {
        return \array_values(\array_filter($this->rosters->of($kept->job)->roster()->people, static fn (Person $person): bool => !$person->isEmpty()));
    }
}
