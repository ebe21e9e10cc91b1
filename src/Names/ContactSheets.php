<?php

declare(strict_types=1);

namespace Uvret\App\Names;

use Uvret\App\Api\Drafting;
use Uvret\App\Api\Shape\ContactLine;
use Uvret\App\Api\Shape\ContactPerson;
use Uvret\App\Api\Shape\ContactSheet;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Repository\Rosters;
use Uvret\Compose\Composer;
use Uvret\Design\Line;
use Uvret\Roster\Filling;
use Uvret\Roster\Person;
use Uvret\Roster\RosterException;
use Uvret\Roster\Team;

/** Contact sheets: a design's lettering for the people of its job's list. */
final readonly class ContactSheets
{
    public function __construct(
        private Rosters $rosters,
        private Drafting $drafting,
        private Team $team,
        private Composer $composer,
    ) {
    }

    public function of(JobDesign $kept, int $from, int $count): ContactSheet
    {
        $people = \array_values(\array_filter(
            $this->rosters->of($kept->job)->roster()->people,
            static fn (Person $person): bool => !$person->isEmpty(),
        ));
        $document = $this->drafting->decode($kept->document);
        $design = $this->team->design($document);
        $tallest = $this->team->tallest($design, $people);
        $cards = [];
        foreach (\array_slice($people, $from, $count) as $person) {
            try {
                $made = $this->team->designs($document, [$person], $tallest)[0];
                $cards[] = ContactPerson::of($made, $this->composer->compose($made->design));
            } catch (RosterException $e) {
                $cards[] = ContactPerson::failed($person->id, $e->getMessage());
            }
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
}
