<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\String\Slugger\AsciiSlugger;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\NewJob;
use Uvret\App\Entity\Item;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Entity\JobState;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Entity\ShopBlank;
use Uvret\App\History\History;

/** Opens jobs: each with one item and an empty design on its blank. */
final readonly class JobOpening
{
    public function __construct(
        private EntityManagerInterface $entities,
        private History $history,
        private Drafting $drafting,
    ) {
    }

    /** @throws BadRequest where the shop has no such blank */
    public function open(NewJob $new): Job
    {
        $entry = $this->entities->find(ShopBlank::class, $new->blank) ?? throw BadRequest::field('blank', 'The shop has no such blank. Choose another.');
        /** @var object{id: string, name: string, drawing: string, fabrics: list<object>, sizes: list<object{size: string, width: int, placements: list<object{name: string}>}>} $blank */
        $blank = \json_decode($entry->blank, false, 64, \JSON_THROW_ON_ERROR);
        $size = $blank->sizes[\intdiv(\count($blank->sizes), 2)];
        $film = $this->entities->getRepository(RackFilm::class)->findOneBy([], ['position' => 'ASC']) ?? throw BadRequest::field('blank', 'The film rack is empty: put a film on it first.');
        $document = $this->drafting->encode((object) [
            'uvret' => 1,
            'name' => $size->placements[0]->name,
            'unit' => 'mm',
            'blank' => [
                'id' => $blank->id,
                'name' => $blank->name,
                'drawing' => $blank->drawing,
                'size' => $size->size,
                'width' => $size->width,
                'fabric' => $blank->fabrics[0],
                'placement' => $size->placements[0],
            ],
            'films' => [\json_decode($film->film, false, 8, \JSON_THROW_ON_ERROR)],
            'stack' => 'middle',
            'lines' => [],
        ]);
        $id = $this->freeId($new->title);
        $job = new Job($id, $new->title, $new->customer, $new->due, JobState::ToDesign);
        $job->items->add(new Item($job, 0, $blank->name, $size->size, $new->quantity));
        $design = new JobDesign($id, $job, 0, $document, new \DateTimeImmutable());
        $job->designs->add($design);
        $this->entities->persist($job);
        $this->entities->persist($design);
        $this->history->record($design, $document, '');
        $this->entities->flush();

        return $job;
    }

    private function freeId(string $title): string
    {
        $slug = (new AsciiSlugger())->slug($title)->lower()->truncate(40)->trim('-')->toString();
        $slug = '' === $slug ? 'job' : $slug;
        $id = $slug;
        for ($number = 2; null !== $this->entities->find(Job::class, $id) || null !== $this->entities->find(JobDesign::class, $id); ++$number) {
            $id = "$slug-$number";
        }

        return $id;
    }
}
