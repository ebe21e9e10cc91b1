<?php

declare(strict_types=1);

namespace Uvret\Plan;

use Uvret\Compose\Composer;
use Uvret\Compose\Memory;
use Uvret\Compose\NoMemory;
use Uvret\Cut\CutPlanner;
use Uvret\Design\Design;
use Uvret\Design\Rack;
use Uvret\Design\UsualRack;
use Uvret\Roster\Filling;
use Uvret\Separate\Separator;
use Uvret\Snags\FilmSnags;
use Uvret\Snags\FontsWith;
use Uvret\Snags\SnagFinder;
use Uvret\Type\TypeCase;

/** The whole way in one direction: design → composition → cut layers → cut plan, and the snags. */
final readonly class Planner
{
    private Composer $composer;
    private Separator $separator;
    private CutPlanner $cutPlanner;
    private SnagFinder $snagFinder;

    public function __construct(TypeCase $typeCase, Memory $memory = new NoMemory(), Rack $rack = new UsualRack())
    {
        $this->composer = new Composer($typeCase, $memory);
        $this->separator = new Separator($memory);
        $this->cutPlanner = new CutPlanner();
        $this->snagFinder = new SnagFinder(new FontsWith($typeCase, $memory), new FilmSnags($rack));
    }

    /** Fields in words are shown with a sample where nobody has filled them. */
    public function plan(Design $design): Plan
    {
        $design = Filling::sample($design);
        $composition = $this->composer->compose($design);
        $separation = $this->separator->separate($design, $composition);
        $cutPlan = $this->cutPlanner->plan($design, $composition, $separation);

        return new Plan($design, $composition, $separation, $cutPlan, $this->snagFinder->find($design, $composition, $separation, $cutPlan));
    }
}
