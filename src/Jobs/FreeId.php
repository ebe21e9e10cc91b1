<?php

declare(strict_types=1);

namespace Uvret\App\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\String\Slugger\AsciiSlugger;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;

/** Ids that can be read: made from a title, with a number where it is taken. */
final readonly class FreeId
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** One that no job and no design has. */
    public function for(string $title): string
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
