<?php

declare(strict_types=1);

namespace Uvret\Design\Layering;

use Uvret\Design\Reading\ReadsItself;
use Uvret\Design\Reading\ValueReader;

/** How the films of a design are to be put on one another. Lengths are in µm. */
final readonly class Layering implements ReadsItself
{
    /**
     * @param JointChoice                $usual    how films meet where nothing else is said
     * @param array<string, JointChoice> $joints   by the ids of two films, see key()
     * @param int                        $thickest what all films together may measure at any place
     */
    public function __construct(
        public JointChoice $usual,
        public array $joints,
        public MarkKind $marks,
        public int $thickest,
    ) {
    }

    public static function read(\stdClass $document): static
    {
        /** @var \stdClass&object{usual: \stdClass, joints: list<\stdClass&object{film: string, other: string}>, marks: string, thickest: int} $document */
        $joints = [];
        foreach ($document->joints as $joint) {
            $joints[self::key($joint->film, $joint->other)] = ValueReader::read(JointChoice::class, $joint);
        }

        return new self(
            usual: ValueReader::read(JointChoice::class, $document->usual),
            joints: $joints,
            marks: MarkKind::from($document->marks),
            thickest: $document->thickest,
        );
    }

    public function joint(string $film, string $other): JointChoice
    {
        return $this->joints[self::key($film, $other)] ?? $this->usual;
    }

    /** The same for two films in either order. */
    public static function key(string $film, string $other): string
    {
        return \min($film, $other).' '.\max($film, $other);
    }
}
