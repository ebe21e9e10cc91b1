<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\MessageBusInterface;
use Uvret\App\Api\Shape\FilmSettings;
use Uvret\App\Api\Shape\ShopLayout;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Entity\LayoutState;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Entity\ShopUsage;
use Uvret\App\Repository\FilmLayouts;

/** Searches for better layouts of a film until its time is up or it is stopped or restarted; each better one is stored at once. */
#[AsMessageHandler]
final readonly class LayOutHandler
{
    /** Interval for checking whether it was stopped and for storing the time, in seconds. */
    private const LOOK = 0.4;

    /** Steps after which a film yields to others without a layout. */
    private const FIRST = 5;

    public function __construct(
        private EntityManagerInterface $entities,
        private FilmLayouts $layouts,
        private LayoutPieces $pieces,
        private MessageBusInterface $bus,
    ) {
    }

    public function __invoke(LayOut $asked): void
    {
        $this->entities->clear();
        $layout = $this->entities->find(FilmLayout::class, $asked->film);
        if (null === $layout || $layout->revision !== $asked->revision || LayoutState::Done === $layout->state) {
            return;
        }
        $rack = FilmSettings::of($this->entities->find(RackFilm::class, $asked->film));
        $shop = ShopLayout::of(($this->entities->find(ShopUsage::class, ShopUsage::ID) ?? new ShopUsage())->layout);
        $all = $this->pieces->of($layout, $rack);
        if ([] !== $all) {
            [$main, $scraps] = $this->pieces->stocks($layout, $all[0]->sheet->film, $shop, \count($all));
            $task = LayoutTask::of($layout, $all, $main, $scraps, $rack, $shop, $asked->keep);
            if (!$this->improve($layout, $task, $shop->seconds, $asked)) {
                return;
            }
        }
        $layout->state = LayoutState::Done;
        $this->layouts->improve($layout);
    }

    /** @return bool whether the search is finished */
    private function improve(FilmLayout $layout, LayoutTask $task, int $seconds, LayOut $asked): bool
    {
        $start = $seen = \microtime(true);
        $layout->state = LayoutState::Running;
        $best = null;
        foreach ($task->steps() as $step => $nested) {
            $now = \microtime(true);
            if ($nested === $best && $now - $start < $seconds && $now - $seen < self::LOOK) {
                continue;
            }
            [$seen, $best] = [$now, $nested];
            $task->note($nested, $now - $start);
            if ($now - $start >= $seconds || $this->layouts->isBrief($layout)) {
                return true;
            }
            if (!$this->layouts->improve($layout)) {
                return false;
            }
            if (!$asked->isLater && $step >= self::FIRST && $this->layouts->isAnyWaiting()) {
                $this->bus->dispatch(new LayOut($asked->film, $asked->revision, $asked->keep, true));

                return false;
            }
        }

        // A single piece needs no search.
        return true;
    }
}
