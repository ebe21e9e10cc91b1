<?php

declare(strict_types=1);

namespace Uvret\Design\Layering;

/** How the films of a design are to be put on one another. Lengths are in µm. */
final readonly class Layering
{
    /**
     * @param JointChoice                $usual    how films meet where nothing else is said
     * @param array<string, JointChoice> $joints   by the ids of two films, see key()
     * @param int                        $thickest what all films together may measure at any place
     */
    public function __construct(
        public JointChoice $usual = new JointChoice(),
        public array $joints = [],
        public MarkKind $marks = MarkKind::Corners,
        public int $thickest = 800,
    ) {
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
