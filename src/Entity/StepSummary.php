<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * Stored summary of a history step, valid for one document hash and one code hash. Written and
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
     * @param string $words   search text, in lower case
     * @param string $picture an SVG document; empty if the document can't be read
     * @param int    $film    total length of film, in µm
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
