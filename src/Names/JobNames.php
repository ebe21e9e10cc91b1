<?php

declare(strict_types=1);

namespace Uvret\App\Names;

use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\DesignName;
use Uvret\App\Api\Shape\PersonRow;
use Uvret\App\Api\Shape\RosterCard;
use Uvret\App\Api\Shape\RosterDoubt;
use Uvret\App\Entity\Approval;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Entity\JobRoster;
use Uvret\App\Entity\PersonState;
use Uvret\App\Entity\ShopBlank;
use Uvret\App\Repository\PeopleProgress;
use Uvret\Design\Design;
use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Roster\Doubts;
use Uvret\Roster\Filling;
use Uvret\Roster\Person;
use Uvret\Type\TypeCase;

/** A job's list and its doubts, given the blanks and fonts of the job's designs. */
final readonly class JobNames
{
    public function __construct(
        private EntityManagerInterface $entities,
        private DraftReader $drafts,
        private DesignReader $reader,
        private TypeCase $typeCase,
        private PeopleProgress $progress,
    ) {
    }

    public function card(JobRoster $kept): RosterCard
    {
        $roster = $kept->roster();
        $designs = $this->designs($kept->job);
        $states = $this->progress->of($kept->job->id);
        $approved = [];
        foreach ($kept->job->currentDesigns() as $design) {
            if (isset($designs[$design->id]) && null !== $design->approved()) {
                $approved[] = $design->approved();
            }
        }
        $sizes = $fonts = [];
        foreach ($designs as $design) {
            \array_push($sizes, ...$this->sizes($design->blank->id));
            foreach (Filling::lines($design) as $line) {
                $fonts[$line->lettering->font] = $this->typeCase->font($line->lettering->font);
            }
        }
        $sizes = \array_values(\array_unique($sizes));
        $missing = static fn (string $text): array => \array_values(\array_unique(\array_merge(
            ...\array_map(static fn ($font): array => $font->missing($text), \array_values($fonts)),
        )));

        return new RosterCard(
            $kept->version,
            $roster->more,
            \array_map(static fn (Person $person): PersonRow => PersonRow::of(
                $person,
                $states[$person->id] ?? PersonState::ToCut,
                [] !== \array_filter($approved, static fn (Approval $approval): bool => $approval->isChanged($person)),
            ), $roster->people),
            \array_map(RosterDoubt::of(...), Doubts::of($roster, $sizes, $missing)),
            $sizes,
            \array_map(DesignName::of(...), \array_values(\array_filter(
                $kept->job->currentDesigns(),
                static fn (JobDesign $design): bool => isset($designs[$design->id]),
            ))),
        );
    }

    /** @return array<string, Design> those with fields, by their ids */
    private function designs(Job $job): array
    {
        $designs = [];
        foreach ($job->currentDesigns() as $kept) {
            try {
                $design = $this->reader->fromDocument($this->drafts->decode($kept->document));
            } catch (DesignException) {
                // The job's sheet reports designs that can't be read.
                continue;
            }
            if ([] !== Filling::lines($design)) {
                $designs[$kept->id] = $design;
            }
        }

        return $designs;
    }

    /** @return list<string> of a blank of the shop */
    private function sizes(string $blank): array
    {
        $entry = $this->entities->find(ShopBlank::class, $blank);
        $document = null === $entry ? null : \json_decode($entry->blank, true, 64, \JSON_THROW_ON_ERROR);
        $sizes = \is_array($document) && \is_array($document['sizes'] ?? null) ? $document['sizes'] : [];

        return \array_values(\array_filter(\array_column($sizes, 'size'), \is_string(...)));
    }
}
