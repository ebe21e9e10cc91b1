<?php

declare(strict_types=1);

namespace Uvret\Plan\Fewer;

use Uvret\Compose\PartRole;
use Uvret\Design\DesignReader;
use Uvret\Plan\Plan;
use Uvret\Plan\Planner;

/**
 * The same design for a smaller budget: outlines and shadows left out, and films that do not touch taken together (those that touch
 * would run into one shape). Each proposal is planned like any design.
 */
final readonly class FewerFilms
{
    private const MOST = 6;

    /** Maximum proposals per number of films saved. */
    private const ALIKE = 3;

    /** Maximum first steps to expand. */
    private const FURTHER = 3;

    public function __construct(
        private DesignReader $reader,
        private Planner $planner,
    ) {
    }

    /**
     * @param object $document decoded JSON with objects as stdClass, complete
     *
     * @return list<Proposal> those that save most film first
     */
    public function proposals(object $document, Plan $plan): array
    {
        $proposals = [];
        foreach ($this->steps($plan) as [$say, $change]) {
            $this->add($proposals, $say, $change($document), $plan);
        }
        // What is left of those that save most may do with fewer films still.
        \usort($proposals, static fn (Proposal $a, Proposal $b): int => $a->plan->filmLength() <=> $b->plan->filmLength());
        foreach (\array_slice($proposals, 0, self::FURTHER) as $first) {
            foreach ($this->steps($first->plan) as [$say, $change]) {
                $this->add($proposals, $first->say.'; '.\str_replace('Without', 'without', $say), $change($first->document), $plan);
            }
        }
        \usort(
            $proposals,
            static fn (Proposal $a, Proposal $b): int => [$b->filmsSaved($plan), $a->plan->filmLength()] <=> [$a->filmsSaved($plan), $b->plan->filmLength()],
        );

        // Not only those that save most: a decorator may want to give up less.
        $shown = [];
        foreach (self::different($proposals) as $proposal) {
            $alike = \array_filter($shown, static fn (Proposal $other): bool => $other->filmsSaved($plan) === $proposal->filmsSaved($plan));
            if (\count($alike) < self::ALIKE) {
                $shown[] = $proposal;
            }
        }

        return \array_slice($shown, 0, self::MOST);
    }

    /** @return list<array{string, \Closure(object): object}> */
    private function steps(Plan $plan): array
    {
        $steps = [];
        $layers = $plan->separation->layers;
        foreach ($layers as $layer) {
            $film = $layer->film;
            $roles = [];
            foreach ($plan->composition->parts as $part) {
                if ($part->film === $film->id && !$part->region->isEmpty()) {
                    $roles[$part->role->value] = true;
                }
            }
            if (!isset($roles[PartRole::Base->value])) {
                $steps[] = [
                    'Without the '.\implode(' and ', \array_keys($roles))." in {$film->name}",
                    static fn (object $document): object => Variation::bare($document, $film->id),
                ];
            }
            foreach ($layers as $other) {
                if ($other !== $layer && !$this->touch($plan, $film->id, $other->film->id)) {
                    $steps[] = [
                        "{$film->name} in {$other->film->name} too",
                        static fn (object $document): object => Variation::merged($document, $film->id, $other->film->id),
                    ];
                }
            }
        }

        return $steps;
    }

    /** @param list<Proposal> $proposals */
    private function add(array &$proposals, string $say, object $document, Plan $from): void
    {
        $proposal = new Proposal($say, $document, $this->planner->plan($this->reader->fromDocument($document)));
        if ($proposal->filmsSaved($from) > 0 && [] !== $proposal->plan->separation->layers) {
            $proposals[] = $proposal;
        }
    }

    private function touch(Plan $plan, string $film, string $other): bool
    {
        foreach ($plan->separation->joints as $joint) {
            if (\in_array($film, [$joint->lower->id, $joint->upper->id], true) && \in_array($other, [$joint->lower->id, $joint->upper->id], true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Steps in another order may come to the same.
     *
     * @param list<Proposal> $proposals
     *
     * @return list<Proposal>
     */
    private static function different(array $proposals): array
    {
        $seen = [];
        foreach ($proposals as $proposal) {
            $key = \implode(' ', \array_map(static fn ($layer): string => $layer->film->id.$layer->region->digest(), $proposal->plan->separation->layers));
            $seen[$key] ??= $proposal;
        }

        return \array_values($seen);
    }
}
