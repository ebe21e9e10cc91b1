<?php

declare(strict_types=1);

namespace Uvret\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Uvret\App\Entity\CutPiece;
use Uvret\App\Entity\CutRun;
use Uvret\App\Entity\DesignStep;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Entity\FilmScrap;
use Uvret\App\Entity\Item;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Entity\JobRoster;
use Uvret\App\Entity\JobState;
use Uvret\App\Entity\PersonProgress;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Entity\ShopBlank;
use Uvret\App\Entity\ShopUsage;
use Uvret\App\Entity\StepSummary;
use Uvret\App\History\History;
use Uvret\Design\DesignReader;
use Uvret\Design\RackFilmReader;

/** Fills a shop from the files in demo/. Due dates are counted from today, so that the rail looks alive. */
final readonly class DemoShop
{
    public function __construct(
        private EntityManagerInterface $entities,
        private DesignReader $reader,
        private RackFilmReader $rack,
        private History $history,
        #[Autowire('%kernel.project_dir%/demo')] private string $folder,
    ) {
    }

    /** Returns false, and does nothing, where there is data already. */
    public function load(bool $afresh): bool
    {
        if ($afresh) {
            foreach ([
                StepSummary::class,
                CutRun::class,
                CutPiece::class,
                PersonProgress::class,
                FilmLayout::class,
                FilmScrap::class,
                DesignStep::class,
                JobDesign::class,
                Item::class,
                JobRoster::class,
                Job::class,
                RackFilm::class,
                ShopBlank::class,
                ShopUsage::class,
            ] as $entity) {
                $this->entities->createQuery("DELETE FROM $entity e")->execute();
            }
        } elseif ($this->entities->getRepository(RackFilm::class)->count() > 0) {
            return false;
        }
        $usage = new ShopUsage();
        $shop = $this->one('shop');
        $usage->name = self::text($shop, 'name');
        $usage->rate = self::number($shop, 'rate');
        $this->entities->persist($usage);
        foreach ($this->read('films') as $position => $film) {
            $this->rack->check($film);
            $own = \get_object_vars($film)['film'];
            \assert(\is_object($own));
            $entry = new RackFilm(self::text($own, 'id'), $position, '{}');
            $entry->take($film);
            $this->entities->persist($entry);
        }
        foreach ($this->read('scraps') as $number => $scrap) {
            /** @var object{film: string, outline: list<list<int>>} $scrap */
            $this->entities->persist(new FilmScrap("scrap-$number", $scrap->film, self::json($scrap->outline), false, new \DateTimeImmutable()));
        }
        foreach ($this->read('blanks') as $position => $blank) {
            $this->entities->persist(new ShopBlank(self::text($blank, 'id'), $position, self::json($blank)));
        }
        foreach ($this->read('jobs') as $entry) {
            $this->job($entry);
        }
        $this->entities->flush();

        return true;
    }

    private function job(object $entry): void
    {
        /** @var object{id: string, title: string, customer: string, dueInDays: int, state: string, items: list<object{blank: string, size: string, quantity: int}>, designs: list<string>, names?: object{columns: list<string>, rows: list<object>}} $entry */
        $due = (new \DateTimeImmutable(\sprintf('today %+d days', $entry->dueInDays)))->format('Y-m-d');
        $job = new Job($entry->id, $entry->title, $entry->customer, $due, JobState::from($entry->state));
        $job->price = self::number($entry, 'price');
        $this->entities->persist($job);
        foreach ($entry->items as $position => $item) {
            $job->items->add(new Item($job, $position, $item->blank, $item->size, $item->quantity));
        }
        if (isset($entry->names)) {
            $people = \array_map(
                static fn (int $row): object => (object) ['id' => 'row-'.($row + 1), 'values' => $entry->names->rows[$row]],
                \array_keys($entry->names->rows),
            );
            $this->entities->persist(new JobRoster($job, self::json((object) ['columns' => $entry->names->columns, 'people' => $people])));
        }
        foreach ($entry->designs as $position => $name) {
            $document = (string) \file_get_contents("$this->folder/designs/$name.json");
            $this->reader->fromJson($document);
            $compact = self::json(\json_decode($document, false, 64, \JSON_THROW_ON_ERROR));
            $design = new JobDesign($name, $job, $position, $compact, new \DateTimeImmutable());
            $job->designs->add($design);
            $this->entities->persist($design);
            $this->history->record($design, $compact, '');
        }
    }

    /** @return list<object> */
    private function read(string $name): array
    {
        /** @var list<object> $entries */
        $entries = \json_decode((string) \file_get_contents("$this->folder/$name.json"), false, 64, \JSON_THROW_ON_ERROR);

        return $entries;
    }

    private function one(string $name): object
    {
        $entry = \json_decode((string) \file_get_contents("$this->folder/$name.json"), false, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_object($entry));

        return $entry;
    }

    private static function text(object $entry, string $field): string
    {
        $value = \get_object_vars($entry)[$field] ?? null;

        return \is_string($value) ? $value : throw new \LogicException("A demo entry has no $field.");
    }

    /** 0 if there is none. */
    private static function number(object $entry, string $field): float
    {
        $value = \get_object_vars($entry)[$field] ?? 0;

        return \is_int($value) || \is_float($value) ? (float) $value : 0.0;
    }

    private static function json(mixed $value): string
    {
        return \json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
    }
}
