<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A layer sent to the cutter ring by ring, and its progress. A ring counts as cut once the cutter reports it executed, so a worker that
 * continues never cuts one twice.
 */
#[ORM\Entity]
class CutRun
{
    #[ORM\Column(length: 20, enumType: CutState::class)]
    public CutState $state = CutState::Waiting;

    /** Why it waits or has stopped, for the user. */
    #[ORM\Column(options: ['default' => ''])]
    public string $reason = '';

    /** The user's command: go, pause or cancel. */
    #[ORM\Column(length: 10, options: ['default' => 'go'])]
    public string $wanted = 'go';

    /** Number of rings cut. */
    #[ORM\Column(options: ['default' => 0])]
    public int $done = 0;

    /** First ring sent since the cutter was last switched on. */
    #[ORM\Column(name: 'from_ring', options: ['default' => 0])]
    public int $from = 0;

    /** Bytes the cutter had received before; null if nothing was sent yet. */
    #[ORM\Column(nullable: true)]
    public ?int $base = null;

    /** Times the cutter had been switched on then. */
    #[ORM\Column(nullable: true)]
    public ?int $starts = null;

    /** Knife position in µm along and across the film. */
    #[ORM\Column(options: ['default' => 0])]
    public int $along = 0;

    #[ORM\Column(options: ['default' => 0])]
    public int $across = 0;

    /** Strokes the cutter had logged before; null if unknown. */
    #[ORM\Column(nullable: true)]
    public ?int $strokes = null;

    /** Largest deviation of the tip from each ring in µm, as JSON; null if unknown. */
    #[ORM\Column(type: 'text', options: ['default' => '[]'])]
    public string $offs = '[]';

    /** When a worker was last active on it, in seconds since 1970. */
    #[ORM\Column(options: ['default' => 0])]
    public float $seen = 0.0;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    public ?\DateTimeImmutable $endedAt = null;

    /**
     * @param string $instructions HP-GL as JSON: begin, lines (one for each ring), end
     * @param float  $seconds      planned cutting time
     * @param int    $length       of the film that it takes, in µm
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public readonly string $id,
        #[ORM\Column(length: 60)]
        public readonly string $design,
        #[ORM\Column(length: 40)]
        public readonly string $film,
        #[ORM\Column(length: 250)]
        public readonly string $title,
        #[ORM\Column(type: 'text')]
        public readonly string $instructions,
        #[ORM\Column]
        public readonly int $rings,
        #[ORM\Column]
        public readonly float $seconds,
        #[ORM\Column]
        public readonly int $length,
        #[ORM\Column(type: 'datetime_immutable')]
        public \DateTimeImmutable $madeAt,
        /** Whether it cuts the whole layer, not only some pieces again. */
        #[ORM\Column(options: ['default' => true])]
        public readonly bool $isWhole = true,
        /** What a laid out film comes to when it is cut: {film, stock, designs, pieces, kept}, as JSON; null for a layer of one design. */
        #[ORM\Column(type: 'text', options: ['default' => 'null'])]
        public readonly string $laid = 'null',
    ) {
    }

    /** @return list<int|null> */
    public function offs(): array
    {
        /** @var list<int|null> $offs */
        $offs = \json_decode($this->offs, true, 4, \JSON_THROW_ON_ERROR);

        return $offs;
    }

    /** @return list<array{design: string, person: string, number: int}> pieces of a layout; none for a layer of one design */
    public function pieces(): array
    {
        /** @var array{pieces?: list<array{design: string, person: string, number: int}>}|null $laid */
        $laid = \json_decode($this->laid, true, 8, \JSON_THROW_ON_ERROR);

        return $laid['pieces'] ?? [];
    }
}
