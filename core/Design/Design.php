<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Layering\Layering;
use Uvret\Design\Reading\ListOf;
use Uvret\Design\Treatment\Clean;
use Uvret\Design\Treatment\Treatments;
use Uvret\Design\Weeding\Weeding;
use Uvret\Geometry\Length;
use Uvret\Geometry\Unit;

/** A design: a blank with a placement, and what is put on it. All lengths are in µm. */
final readonly class Design
{
    use Derived;

    /**
     * @param list<Film>   $films    bottom film first
     * @param list<Line>   $lines    in reading order
     * @param list<Form>   $forms
     * @param list<Motif>  $motifs
     * @param list<string> $formerly films from the bottom up, as they covered one another before cards had depths; empty if that is
     *                               no matter
     */
    public function __construct(
        public string $name,
        public Unit $unit,
        public Blank $blank,
        #[ListOf(Film::class)]
        public array $films,
        public Stack $stack,
        #[ListOf(Line::class)]
        public array $lines,
        #[ListOf(Form::class)]
        public array $forms,
        #[ListOf(Motif::class)]
        public array $motifs,
        public Clean $clean,
        public Layering $layering,
        public Weeding $weeding,
        public array $formerly,
    ) {
    }

    /** @param list<Line> $lines */
    public function withLines(array $lines): self
    {
        return $this->derive(['lines' => $lines]);
    }

    public function film(string $id): Film
    {
        foreach ($this->films as $film) {
            if ($film->id === $id) {
                return $film;
            }
        }
        throw DesignException::unknownFilm('films', $id);
    }

    public function line(string $id): ?Line
    {
        foreach ($this->lines as $line) {
            if ($line->id === $id) {
                return $line;
            }
        }

        return null;
    }

    /**
     * The cards that others belong to, by the ids of those; without what is not there, or in the end belongs to itself.
     *
     * @return array<string, Card>
     */
    public function owners(): array
    {
        $cards = \array_column([...$this->lines, ...$this->forms, ...$this->motifs], null, 'id');
        $owners = [];
        foreach ($cards as $id => $card) {
            $seen = [$id => true];
            for ($above = $cards[$card->belongs->to] ?? null; null !== $above && !isset($seen[$above->id]); $above = $cards[$above->belongs->to] ?? null) {
                $seen[$above->id] = true;
            }
            if (null === $above && isset($cards[$card->belongs->to])) {
                $owners[$id] = $cards[$card->belongs->to];
            }
        }

        return $owners;
    }

    /** A length in µm as people read it, with its unit. */
    public function measure(int $length): string
    {
        return Length::ofMicrometres($length)->format($this->unit).' '.$this->unit->symbol();
    }

    /** What a card is called where people read of it. */
    public function cardName(string $id): string
    {
        $line = $this->line($id);
        if (null !== $line) {
            return '“'.\trim(\str_replace("\n", ' / ', $line->lettering->words)).'”';
        }
        foreach ($this->forms as $form) {
            if ($form->id === $id) {
                $alike = \array_values(\array_filter($this->forms, static fn (Form $other): bool => $other->shape->kind === $form->shape->kind));

                return 1 === \count($alike) ? "the {$form->shape->kind->value}" : "{$form->shape->kind->value} ".(1 + (int) \array_search($form, $alike, true));
            }
        }
        foreach ($this->motifs as $motif) {
            if ($motif->id === $id) {
                return "“{$motif->name}”";
            }
        }

        return 'a card that is gone';
    }

    /**
     * The cards from the bottom up: by their depth; of the same depth forms lie beneath motifs and those beneath lines, each kind in
     * its order.
     *
     * @return list<Card>
     */
    public function depths(): array
    {
        $cards = [...$this->forms, ...$this->motifs, ...$this->lines];
        \usort($cards, static fn (Card $a, Card $b): int => $a->depth <=> $b->depth);

        return $cards;
    }

    /** @return array<string, Treatments> of all cards, by their ids */
    public function treatments(): array
    {
        $treatments = [];
        foreach ([...$this->lines, ...$this->forms, ...$this->motifs] as $card) {
            $treatments[$card->id] = $card->treatments;
        }

        return $treatments;
    }
}
