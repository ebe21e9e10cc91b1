<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Uid\Uuid;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\CutLayerCard;
use Uvret\App\Api\Shape\FilmSettings;
use Uvret\App\Api\Shape\LoadedCutter;
use Uvret\App\Api\Shape\ShopWeeding;
use Uvret\App\Entity\CutRun;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Entity\JobState;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Entity\ShopUsage;
use Uvret\App\Names\PeopleSheets;
use Uvret\App\Repository\CutRuns;
use Uvret\Compose\Memory;
use Uvret\Cut\CutSheet;
use Uvret\Cut\Knife\KnifePlan;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Cut\Weeding\Weeding;
use Uvret\Layout\Rows;
use Uvret\Layout\Stock;
use Uvret\Plan\Plan;
use Uvret\Snags\Snag;

/** Places layers of designs on their films and queues them for the cutter. */
final readonly class CutRoom
{
    /** Margin at both ends of a sheet on the film, in µm. */
    private const EDGE = 2_000;

    /** Tolerance between a scrap's outline and the loaded width and length, in µm. */
    private const NEAR = 5_000;

    /** The cutter's name for the carrier mat. */
    private const MAT = 'mat';

    /** Maximum copies per layout. */
    public const MOST = 200;

    public function __construct(
        private DraftReader $drafts,
        private KnifePlanner $knife,
        private EntityManagerInterface $entities,
        private CutRuns $runs,
        private CutterPanel $panel,
        private MessageBusInterface $bus,
        private Memory $memory,
        private PeopleSheets $people,
    ) {
    }

    /** @return list<CutLayerCard> in press order, with copies */
    public function layers(JobDesign $design, int $copies): array
    {
        $draft = $this->drafts->draft($design->document);
        /** @var list<\stdClass&object{id: string}> $films */
        $films = $draft->document->films;
        $films = \array_column($films, null, 'id');

        $hands = ShopWeeding::of($this->usage()->weeding)->factors();

        return \array_map(function (CutSheet $sheet) use ($films, $design, $hands, $copies): CutLayerCard {
            $film = $sheet->film->id;
            $rack = $this->rack($film);

            $rows = Rows::of($sheet, $copies);

            return CutLayerCard::of(
                rows: $rows,
                plan: $this->plan($rows->copy, $rack)->onFilm(),
                film: $films[$film] ?? throw new \LogicException('A layer has a film of its design.'),
                wanted: $design->job->quantity(),
                rack: $rack,
                weeding: $this->weeding($rows->copy),
                hands: $hands,
                cutAt: $this->runs->lastCut($design->id, $film),
            );
        }, $draft->plan->cutPlan->sheets);
    }

    /**
     * Queues a layer, or some of its pieces again.
     *
     * @param list<int> $pieces their numbers; empty for the whole layer
     *
     * @throws BadRequest if the cutter is not ready for it
     */
    public function cut(JobDesign $design, string $film, int $copies = 1, array $pieces = []): CutRun
    {
        $plan = $this->drafts->draft($design->document)->plan;
        $sheet = self::sheet($plan, $film) ?? throw BadRequest::field('film', 'Nothing of this design is cut from that film.');
        $why = self::hindrance($design->job, $plan);
        if (null !== $why) {
            throw BadRequest::field('design', $why);
        }

        $people = \count($this->people->people($design));
        if ($people > 0) {
            throw BadRequest::field('design', "This design takes its words from the list. Lay it out on the film: all $people are cut, each with their own.");
        }

        $of = match (true) {
            [] !== $pieces => 1 === \count($pieces) ? ', one piece' : \sprintf(', %d pieces', \count($pieces)),
            $copies > 1 => ", $copies times",
            default => '',
        };
        $cut = [] === $pieces ? Rows::of($sheet, $copies)->sheet() : $sheet->only($pieces);
        \sort($pieces);

        return $this->start(
            $design->id,
            "{$design->job->title}: {$plan->design->name}, {$sheet->film->name}$of",
            $cut ?? throw BadRequest::field('pieces', 'The layer was changed and has no such pieces any more. Choose them again.'),
            [] === $pieces && 1 === $copies ? \array_keys($sheet->region->pieces()) : $pieces,
            [] === $pieces,
        );
    }

    /**
     * Queues a test cut: a small form and a word, to check the cutting depth.
     *
     * @throws BadRequest if there is no such film or the cutter is not ready for it
     */
    public function test(string $film): CutRun
    {
        $rack = $this->entities->find(RackFilm::class, $film) ?? throw BadRequest::field('film', 'The rack has no such film.');
        $sheet = $this->drafts->draft(TestCut::document($rack->film))->plan->cutPlan->sheets[0];

        return $this->start('', "Test cut: {$sheet->film->name}", $sheet, [], true);
    }

    /**
     * A film of a layout.
     *
     * @param array<string, mixed> $laid    result once it is cut, for CutRun
     * @param Stock|null           $sheet   sheet or scrap to cut; null for the roll
     * @param bool                 $isScrap whether just that scrap must be in the cutter
     *
     * @throws BadRequest if the cutter is not made ready for it
     */
    public function cutLaidOut(CutSheet $cut, string $title, array $laid, ?Stock $sheet, bool $isScrap): CutRun
    {
        $loaded = $this->loaded();
        if (null !== $sheet && $isScrap && self::isOther($sheet, $loaded)) {
            [$width, $length] = [\round($sheet->width() / 1_000), \round($sheet->length() / 1_000)];
            throw BadRequest::field('cutter', "This is cut from a scrap of $width × $length mm. Load that scrap.");
        }

        return $this->start('', $title, $cut, [], true, $laid, null === $sheet ? self::EDGE : 0);
    }

    /**
     * A zone of the carrier mat: the film stays where it is, so that the next zone is cut in the same load.
     *
     * @param CutSheet             $sheet  the whole mat with the pieces of one film
     * @param array<string, mixed> $laid   what it comes to when it is cut, for CutRun
     * @param int                  $length of film that it takes
     *
     * @throws BadRequest if the mat is not in the cutter
     */
    public function cutOnMat(CutSheet $sheet, string $title, array $laid, int $length): CutRun
    {
        $loaded = $this->loaded();
        $rack = $this->rack($sheet->film->id);
        $wrong = match (true) {
            self::MAT !== $loaded->film => "$loaded->filmName is in the cutter. Load the carrier mat with its films.",
            $loaded->width < $sheet->box->width() || $loaded->left < $sheet->box->height() => 'The mat in the cutter is smaller than the shop’s.'
                .' Load that one.',
            $loaded->blade !== $rack->blade => "{$sheet->film->name} is cut with a blade of {$rack->blade}°, and one of {$loaded->blade}° is in the cutter."
                .' Change the blade.',
            default => null,
        };
        if (null !== $wrong) {
            throw BadRequest::field('cutter', $wrong);
        }

        return $this->dispatch('', $title, $sheet, [], true, $laid, $length, $loaded->offset, false);
    }

    /** Whether the cutter holds something other than a scrap. */
    private static function isOther(Stock $scrap, LoadedCutter $loaded): bool
    {
        return \abs($loaded->width - $scrap->width()) > self::NEAR || \abs($loaded->left - $scrap->length()) > self::NEAR;
    }

    /** @throws BadRequest if it doesn't respond */
    private function loaded(): LoadedCutter
    {
        return $this->panel->state() ?? throw BadRequest::field('cutter', 'The cutter doesn’t answer. Switch it on and check its line.');
    }

    /**
     * @param list<int>                 $pieces  the numbers in the layer of the pieces of the sheet
     * @param bool                      $isWhole whether the layer counts as cut by it
     * @param array<string, mixed>|null $laid    for a film of a layout
     * @param int                       $beyond  film that is used up beyond the sheet
     *
     * @throws BadRequest if the cutter is not made ready for it
     */
    private function start(
        string $design,
        string $title,
        CutSheet $sheet,
        array $pieces,
        bool $isWhole,
        ?array $laid = null,
        int $beyond = self::EDGE,
    ): CutRun {
        $rack = $this->rack($sheet->film->id);
        $loaded = $this->loaded();
        $wrong = self::wrong($sheet, $rack, $loaded, $beyond);
        if (null !== $wrong) {
            throw BadRequest::field('cutter', $wrong);
        }

        return $this->dispatch($design, $title, $sheet, $pieces, $isWhole, $laid, $sheet->filmLength() + $beyond, $loaded->offset, true);
    }

    /**
     * @param list<int>                 $pieces
     * @param array<string, mixed>|null $laid
     * @param int                       $length of film that is used up
     * @param int                       $offset of the blade
     * @param bool                      $feeds  whether the film is fed out in the end
     */
    private function dispatch(
        string $design,
        string $title,
        CutSheet $sheet,
        array $pieces,
        bool $isWhole,
        ?array $laid,
        int $length,
        int $offset,
        bool $feeds,
    ): CutRun {
        $knifePlan = $this->plan($sheet, $this->rack($sheet->film->id), $offset)->onFilm();
        $run = new CutRun(
            id: Uuid::v7()->toRfc4122(),
            design: $design,
            film: $sheet->film->id,
            title: $title,
            instructions: Instructions::of($knifePlan, $pieces, $feeds)->toJson(),
            rings: \count($knifePlan->rings),
            seconds: $knifePlan->seconds,
            length: $length,
            madeAt: new \DateTimeImmutable(),
            isWhole: $isWhole,
            laid: \json_encode($laid, \JSON_THROW_ON_ERROR),
        );
        $this->runs->add($run);
        $this->bus->dispatch(new SendCut($run->id));

        return $run;
    }

    /** Why a design may not be cut yet, for the user; null if it may. */
    public static function hindrance(Job $job, Plan $plan): ?string
    {
        $snags = \array_values(\array_filter($plan->snags, static fn (Snag $snag): bool => $snag->kind->blocks()));

        return match (true) {
            JobState::ToDesign === $job->state => "$job->title is still being designed. Set the job to be cut when it is approved.",
            JobState::ToApprove === $job->state => "$job->title is not approved yet. Set the job to be cut when it is.",
            [] !== $snags => "Mend this first: {$snags[0]->message} {$snags[0]->cure}",
            default => null,
        };
    }

    /** What to do before a sheet can be cut, for the user; null if the cutter is ready. */
    private static function wrong(CutSheet $sheet, FilmSettings $rack, LoadedCutter $loaded, int $beyond): ?string
    {
        $metres = static fn (int $length): string => \sprintf('%.2f m', $length / 1_000_000);
        $side = $sheet->film->mirrored ? 'carrier down' : 'carrier up';
        $needs = $sheet->filmLength() + $beyond;
        $name = $sheet->film->name;

        return match (true) {
            $loaded->film !== $sheet->film->id => "$loaded->filmName is in the cutter, and this layer is cut from $name. Load $name.",
            $loaded->side !== $side => "$name is cut with its $side. Turn it over.",
            $loaded->blade !== $rack->blade => "$name is cut with a blade of {$rack->blade}°, and one of {$loaded->blade}° is in the cutter."
                .' Change the blade.',
            $loaded->width < $sheet->filmWidth() => 'The layer is wider than the film in the cutter. Load a wider one, or make the lettering smaller.',
            $loaded->left < $needs => "The layer needs {$metres($needs)} of $name, and {$metres($loaded->left)} is left in the cutter."
                .' Load a longer piece.',
            default => null,
        };
    }

    private function plan(CutSheet $sheet, FilmSettings $rack, int $offset = 250): KnifePlan
    {
        return $this->knife->plan($sheet, new KnifeSettings(
            offset: $offset,
            compensate: !$this->usage()->compensates,
            speed: $rack->speed,
            force: $rack->force,
            passes: $rack->passes,
        ));
    }

    private function usage(): ShopUsage
    {
        return $this->entities->find(ShopUsage::class, ShopUsage::ID) ?? new ShopUsage();
    }

    private function weeding(CutSheet $sheet): Weeding
    {
        $of = [$sheet->region->digest(), $sheet->frame->digest(), $sheet->film->finish->value];

        return $this->memory->recall('weeding '.\implode(' ', $of), static fn (): Weeding => Weeding::of($sheet));
    }

    private function rack(string $film): FilmSettings
    {
        return FilmSettings::of($this->entities->find(RackFilm::class, $film));
    }

    private static function sheet(Plan $plan, string $film): ?CutSheet
    {
        foreach ($plan->cutPlan->sheets as $sheet) {
            if ($sheet->film->id === $film) {
                return $sheet;
            }
        }

        return null;
    }
}
