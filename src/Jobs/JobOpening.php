<?php

declare(strict_types=1);

namespace Uvret\App\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\NewJob;
use Uvret\App\Entity\Item;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Entity\JobState;
use Uvret\App\History\History;

/** Opens jobs, afresh or in the way of an earlier one, and puts designs into them. */
final readonly class JobOpening
{
    public function __construct(
        private EntityManagerInterface $entities,
        private History $history,
        private EmptyDesign $empty,
        private FreeId $freeId,
    ) {
    }

    /**
     * With one item and an empty design on its blank.
     *
     * @throws BadRequest if the shop has no such blank
     */
    public function open(NewJob $new): Job
    {
        $empty = $this->empty->on($new->blank);
        $job = new Job($this->freeId->for($new->title), $new->title, $new->customer, $new->due, JobState::ToDesign);
        $job->items->add(new Item($job, 0, $empty['blank'], $empty['size'], $new->quantity));
        $this->entities->persist($job);
        $this->addDesign($job, $job->id, $empty['document']);
        $this->entities->flush();

        return $job;
    }

    /** The same items and designs for another day; what was approved has to be approved again. */
    public function openLike(Job $earlier, string $due): Job
    {
        $id = $this->freeId->for($earlier->title);
        $job = new Job($id, $earlier->title, $earlier->customer, $due, JobState::ToDesign);
        foreach ($earlier->items as $item) {
            $job->items->add(new Item($job, $item->position, $item->blank, $item->size, $item->quantity));
        }
        $this->entities->persist($job);
        foreach ($earlier->currentDesigns() as $number => $design) {
            $this->addDesign($job, 0 === $number ? $id : $this->freeId->for("$id-".($number + 1)), $design->document);
        }
        $this->entities->flush();

        return $job;
    }

    /** Another design for a job; its history begins here. */
    public function addDesign(Job $job, string $id, string $document): JobDesign
    {
        $design = new JobDesign($id, $job, $job->designs->count(), $document, new \DateTimeImmutable());
        $job->designs->add($design);
        $this->entities->persist($design);
        $this->history->record($design, $document, '');

        return $design;
    }
}
