<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A past state of a design. Steps are never removed: undone ones stay, and a change after an undo
 * starts a new branch.
 */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['design_id', 'number'])]
class DesignStep
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** Name given by the decorator; usually null. */
    #[ORM\Column(length: 80, nullable: true)]
    public ?string $name = null;

    /**
     * @param int    $number counted from 1 within the design
     * @param int    $parent the step that this one was made from; 0 for the first
     * @param string $change what was changed, like words:line-1; changes of the same in a row are one step
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly JobDesign $design,
        #[ORM\Column]
        public readonly int $number,
        #[ORM\Column]
        public readonly int $parent,
        #[ORM\Column(name: 'change_of', length: 80)]
        public readonly string $change,
        #[ORM\Column(type: 'text')]
        public string $document,
        #[ORM\Column(type: 'datetime_immutable')]
        public \DateTimeImmutable $madeAt,
        /** Hash of the document; empty if not computed yet. */
        #[ORM\Column(length: 32, options: ['default' => ''])]
        public string $hash = '',
    ) {
        $this->hash = self::hashOf($document);
    }

    public function change(string $document, \DateTimeImmutable $at): void
    {
        $this->document = $document;
        $this->madeAt = $at;
        $this->hash = self::hashOf($document);
    }

    public static function hashOf(string $document): string
    {
        return \hash('xxh128', $document);
    }
}
