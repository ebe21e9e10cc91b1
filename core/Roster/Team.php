<?php

declare(strict_types=1);

namespace Uvret\Roster;

use Uvret\Compose\Composer;
use Uvret\Design\Design;
use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Design\Line;
use Uvret\Design\SizeBy;
use Uvret\Design\SizeSet;
use Uvret\Type\TypeCase;

/** A design and a list → a design for each person: fields filled, sizes by the rules of their lines, then what is set for one only. */
final readonly class Team
{
    /** Fitting is repeated until nothing is too wide by more than this, in µm. */
    private const NEAR = 2;

    private const ROUNDS = 4;

    public function __construct(
        private DesignReader $reader,
        private Composer $composer,
        private TypeCase $typeCase,
    ) {
    }

    /**
     * @param \stdClass         $document the design's, complete
     * @param list<Person>      $people   for whom it is made
     * @param list<Person>|null $all      everybody on the list, among whom letter heights for all are found; those people where nothing is said
     * @param SizeSet|null      $sizes    in which the blank comes; each person has the design on the size in their row
     *
     * @return list<PersonDesign>
     *
     * @throws RosterException if what is set for a person is not right
     */
    public function designs(\stdClass $document, array $people, ?array $all = null, ?SizeSet $sizes = null): array
    {
        $designs = [];
        foreach ($this->each($document, $people, $all, $sizes) as $made) {
            $designs[] = $made instanceof RosterException ? throw $made : $made;
        }

        return $designs;
    }

    /**
     * The same one by one, with what is wrong in place of a design that can't be made.
     *
     * @param list<Person>      $people
     * @param list<Person>|null $all
     *
     * @return iterable<int, PersonDesign|RosterException> in the order of the people
     */
    public function each(\stdClass $document, array $people, ?array $all = null, ?SizeSet $sizes = null): iterable
    {
        $sized = [];
        foreach ($people as $at => $person) {
            $size = \mb_strtolower($person->cut('size'));
            if (!isset($sized[$size])) {
                $own = $sizes?->document($document, $person->cut('size')) ?? $document;
                $design = $this->design($own);
                $sized[$size] = [$own, $design, $this->tallest($design, $all ?? $people)];
            }
            try {
                yield $at => $this->made($person, ...$sized[$size]);
            } catch (RosterException $e) {
                yield $at => $e;
            }
        }
    }

    /**
     * @param array<string, int> $tallest
     *
     * @throws RosterException
     */
    private function made(Person $person, \stdClass $document, Design $design, array $tallest): PersonDesign
    {
        $fields = \array_map(static fn (Line $line): string => $line->id, Filling::lines($design));

        return $this->fitted($person, [] === $person->own ? Filling::for($design, $person) : $this->of($document, $person), $fields, $tallest);
    }

    /** With its fields. */
    public function design(\stdClass $document): Design
    {
        return $this->reader->fromDocument(self::copy($document));
    }

    /**
     * The letter height of each line that has one height for all.
     *
     * @param list<Person> $all
     *
     * @return array<string, int> by line, in µm
     */
    public function tallest(Design $design, array $all): array
    {
        $heights = [];
        foreach (Filling::lines($design) as $line) {
            if (!$line->fitting->tallest || 0 === $line->fitting->atMost) {
                continue;
            }
            foreach ($all as $person) {
                $filled = Filling::for($design, $person);
                $height = $this->heightWithin($filled, $filled->line($line->id) ?? $line, $line->fitting->atMost);
                $heights[$line->id] = null === $height ? $heights[$line->id] ?? null : \min($height, $heights[$line->id] ?? $height);
            }
        }

        return \array_filter($heights, static fn (?int $height): bool => null !== $height);
    }

    /**
     * With what is set for this person only.
     *
     * @throws RosterException
     */
    private function of(\stdClass $document, Person $person): Design
    {
        $own = self::copy($document);
        /** @var list<string> $lettersAsFilled */
        $lettersAsFilled = [];
        foreach (\is_array($own->lines ?? null) ? $own->lines : [] as $line) {
            $id = $line instanceof \stdClass ? $line->id ?? null : null;
            $part = \is_string($id) ? $person->own[$id] ?? null : null;
            if (null !== $part && $line instanceof \stdClass) {
                self::merge($line, $part);
                if (($part->lettering ?? null) instanceof \stdClass && isset($part->lettering->letters)) {
                    $lettersAsFilled[] = $id;
                }
            }
        }
        try {
            return Filling::for($this->reader->fromDocument($own), $person, $lettersAsFilled);
        } catch (DesignException $e) {
            throw RosterException::personCannotBeMade($person->cut('name'), $e->getMessage());
        }
    }

    /**
     * @param list<string>       $fields  lines that have fields
     * @param array<string, int> $tallest
     */
    private function fitted(Person $person, Design $design, array $fields, array $tallest): PersonDesign
    {
        $fitted = $lines = [];
        foreach ($design->lines as $line) {
            if (!\in_array($line->id, $fields, true)) {
                $lines[] = $line;
                continue;
            }
            $line = $line->fitting->evenDigits ? $line->withLettering(EvenDigits::of($line->lettering, $this->typeCase)) : $line;
            if (isset($tallest[$line->id]) && !isset($person->own[$line->id]->size)) {
                $line = $line->withSize($line->size->measuring(SizeBy::Letter, $tallest[$line->id]));
            }
            [$lines[], $fitted[]] = $this->within($design, $line);
        }

        return new PersonDesign($person, $design->withLines($lines), \array_values(\array_filter($fitted)));
    }

    /** @return array{Line, FittedLine|null} squeezed, and made smaller, as its rule says */
    private function within(Design $design, Line $line): array
    {
        $most = $line->fitting->atMost;
        $usual = $line->size->stretch;
        $smaller = false;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $sized = $this->composer->sized($design, $line);
            if (null === $sized || 0 === $most || $sized->width <= $most + self::NEAR) {
                break;
            }
            $share = $most / $sized->width;
            $least = $usual * $line->fitting->squeeze / 100;
            $stretch = \max($least, $line->size->stretch * $share);
            // Half a µm less, so that rounding makes nothing too wide.
            $rest = $share * $line->size->stretch / $stretch;
            $size = $line->size->stretchedTo($stretch);
            if ($rest < 1.0) {
                $smaller = true;
                $size = $size->measuring(SizeBy::Letter, (int) \floor($sized->letterHeight * $rest));
            }
            $line = $line->withSize($size);
        }
        $sized ??= null;

        return [$line, null === $sized ? null : new FittedLine(
            line: $line->id,
            words: $line->lettering->words,
            width: $sized->width,
            letterHeight: $sized->letterHeight,
            squeezed: 100 * $line->size->stretch / $usual,
            smaller: $smaller,
        )];
    }

    /** The letter height at which a line is as wide as that; null if it has no ink. */
    private function heightWithin(Design $design, Line $line, int $most): ?int
    {
        $sized = $this->composer->sized($design, $line);
        for ($round = 0; $round < self::ROUNDS && null !== $sized && \abs($sized->width - $most) > self::NEAR; ++$round) {
            $line = $line->withSize($line->size->measuring(SizeBy::Letter, \max(1_000, (int) \floor($sized->letterHeight * $most / $sized->width))));
            $sized = $this->composer->sized($design, $line);
        }

        return $sized?->letterHeight;
    }

    /** Puts what is set for one person over what is set for all. */
    private static function merge(\stdClass $whole, \stdClass $part): void
    {
        foreach (\get_object_vars($part) as $name => $value) {
            if ($value instanceof \stdClass && ($whole->{$name} ?? null) instanceof \stdClass) {
                self::merge($whole->{$name}, $value);
            } else {
                $whole->{$name} = $value;
            }
        }
    }

    private static function copy(\stdClass $document): \stdClass
    {
        $copy = \unserialize(\serialize($document));
        \assert($copy instanceof \stdClass);

        return $copy;
    }
}
