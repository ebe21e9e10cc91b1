<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * What is shown of a step of a design without working it out: of the document with that hash, by the code with that one. Written and
 * read by Summaries.
 */
#[ORM\Entity]
class StepSummary
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /**
     * @param string $shown   see Summary, as JSON
     * @param string $words   all that a job can be found by, in small letters
     * @param string $picture an SVG document; empty where the document can't be read
     * @param int    $film    the length that is cut from all films, in µm
     */
    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly DesignStep $step,
        #[ORM\Column(length: 32)]
        public string $document,
        #[ORM\Column(length: 32)]
        public string $code,
        #[ORM\Column(type: 'text')]
        public string $shown,
        #[ORM\Column(type: 'text')]
        public string $words,
        #[ORM\Column(type: 'text')]
        public string $picture,
        #[ORM\Column]
        public int $film,
        #[ORM\Column]
        public int $toWeed,
    ) {
    }
}
