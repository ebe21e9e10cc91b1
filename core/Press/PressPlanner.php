<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Blanks\Drawing;
use Uvret\Design\Rack;
use Uvret\Design\Surface;
use Uvret\Design\UsualRack;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Plan\Plan;
use Uvret\Press\Steps\Cold;
use Uvret\Press\Steps\Hot;
use Uvret\Press\Steps\Lay;
use Uvret\Separate\CutLayer;

/** Plan → press plan: steps with temperature and time, sections, and distances to measure first. */
final readonly class PressPlanner
{
    private Presses $presses;

    public function __construct(
        private Rack $rack = new UsualRack(),
        ?Presses $presses = null,
    ) {
        $this->presses = $presses ?? Presses::usual();
    }

    /** @param string $press id of one of the shop's presses; empty for the most suitable one */
    public function plan(Plan $plan, string $press = ''): PressPlan
    {
        $blank = $plan->design->blank;
        $platen = $this->presses->for($blank->drawing, $press);
        $lays = \array_map(fn (CutLayer $layer): Lay => new Lay($layer->film, $this->rack->press($layer->film), $layer->region), $plan->separation->layers);
        if ([] === $lays) {
            return PressPlan::ofNothing($platen);
        }
        $isCold = Surface::Hard === $blank->fabric->surface;
        try {
            $steps = $isCold ? Cold::steps($lays, $blank->fabric) : Hot::steps($lays, $blank->fabric);
        } catch (PressException $e) {
            $problem = $e->getMessage();
        }
        $sections = $isCold ? [] : $this->sections($plan, $platen);

        return new PressPlan(
            platen: $platen,
            steps: $steps ?? [],
            sections: $sections,
            distances: $this->distances($plan),
            problem: $problem ?? null,
            notes: isset($problem) ? [] : PlanNotes::of($plan, $lays, $steps ?? [], \count($sections)),
        );
    }

    /** @return list<Section> in the coordinates of the composition */
    private function sections(Plan $plan, Platen $platen): array
    {
        $placement = $plan->design->blank->placement;
        $film = Region::empty()->union(...\array_map(static fn (CutLayer $layer): Region => $layer->region, $plan->separation->layers));
        $finder = new Sections($platen, $this->presses->overlap);
        if (null === $placement->brim) {
            return $finder->of($film, null);
        }
        // A brim's centre is the blank's measuring point.
        $round = $finder->of($film->transform(Affine::move($placement->across, -$placement->down)), $placement->brim);

        return \array_map(static fn (Section $section): Section => $section->moved(-$placement->across, $placement->down), $round);
    }

    /** @return list<Distance> */
    private function distances(Plan $plan): array
    {
        $blank = $plan->design->blank;
        $ink = $plan->separation->shown();

        return null === $blank->placement->brim
            ? ThreePoints::straight($ink, Drawing::named($blank->drawing)->edges($blank))
            : ThreePoints::round($ink, $blank->placement->brim, -$blank->placement->across, $blank->placement->down);
    }
}
