<?php

declare(strict_types=1);

namespace Uvret\App\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\CutLayerCard;
use Uvret\App\Api\Shape\JobSum;
use Uvret\App\Api\Shape\JobSumFilm;
use Uvret\App\Cutting\CutRoom;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\ShopUsage;
use Uvret\App\Names\PeopleSheets;
use Uvret\App\Press\PressCards;

/** What jobs come to: all designs, each for every piece or everybody on the list. */
final readonly class JobSums
{
    public function __construct(
        private EntityManagerInterface $entities,
        private CutRoom $room,
        private DraftReader $drafts,
        private PressCards $cards,
        private PeopleSheets $people,
    ) {
    }

    public function of(Job $job): JobSum
    {
        $films = [];
        $cut = $weed = $press = 0.0;
        $toWeed = $people = $pieces = 0;
        foreach ($job->currentDesigns() as $design) {
            $named = \count($this->people->people($design));
            $copies = \max(1, $named > 0 ? $named : $job->quantity());
            [$people, $pieces] = [\max($people, $named), \max($pieces, $copies)];
            foreach ($this->room->layers($design, $copies) as $layer) {
                $films[self::text($layer, 'id')][] = $layer;
                $cut += $layer->seconds;
                $weed += $layer->weeding;
                $toWeed += $layer->toWeed;
            }
            $press += $copies * $this->cards->plan($this->drafts->draft($design->document)->plan)->seconds();
        }
        $rows = \array_map(self::film(...), \array_values($films));
        $film = \array_sum(\array_column($rows, 'cost'));
        $rate = $this->entities->find(ShopUsage::class, ShopUsage::ID)->rate ?? 0.0;

        return new JobSum(
            films: $rows,
            pieces: $pieces,
            people: $people,
            cut: (int) \round($cut),
            weed: (int) \round($weed),
            press: (int) \round($press),
            toWeed: $toWeed,
            film: \round($film, 2),
            rate: $rate,
            cost: $rate > 0 ? \round($film + $rate * ($cut + $weed + $press) / 3600, 2) : null,
        );
    }

    /** @param non-empty-list<CutLayerCard> $layers of one film */
    private static function film(array $layers): JobSumFilm
    {
        $length = \array_sum(\array_column($layers, 'length'));
        [$first] = $layers;

        return new JobSumFilm(
            id: self::text($first, 'id'),
            name: self::text($first, 'name'),
            colour: self::text($first, 'colour'),
            length: $length,
            cost: \round($first->price * $length / 1e6, 2),
            stock: $first->stock,
            short: \max(0, $length - $first->stock),
        );
    }

    private static function text(CutLayerCard $layer, string $field): string
    {
        $value = \get_object_vars($layer->film)[$field] ?? '';

        return \is_string($value) ? $value : '';
    }
}
