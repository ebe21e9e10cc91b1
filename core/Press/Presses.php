<?php

declare(strict_types=1);

namespace Uvret\Press;

/** A shop's presses and the overlap of sections. Lengths are in µm. */
final readonly class Presses
{
    public const OVERLAP = 20_000;

    /** @param non-empty-list<Platen> $platens */
    private function __construct(
        public array $platens,
        public int $overlap,
    ) {
    }

    public static function of(int $overlap, Platen $first, Platen ...$others): self
    {
        return new self([$first, ...\array_values($others)], $overlap);
    }

    /** Usual equipment: a flat press, and small ones for curved blanks. */
    public static function usual(): self
    {
        return self::of(
            self::OVERLAP,
            new Platen('flat press', 380_000, 380_000, PressKind::Flat, 'flat'),
            new Platen('cap press', 140_000, 80_000, PressKind::Cap, 'cap'),
            new Platen('sleeve press', 130_000, 380_000, PressKind::Sleeve, 'sleeve'),
            new Platen('small press', 120_000, 120_000, PressKind::Small, 'small'),
        );
    }

    /** The requested press, or the most suitable one for a kind of blank. */
    public function for(string $drawing, string $id = ''): Platen
    {
        foreach ($this->platens as $platen) {
            if ('' !== $id && $platen->id === $id) {
                return $platen;
            }
        }
        foreach (PressKind::for($drawing) as $kind) {
            foreach ($this->platens as $platen) {
                if ($platen->kind === $kind) {
                    return $platen;
                }
            }
        }

        return $this->platens[0];
    }
}
