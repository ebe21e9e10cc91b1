<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Uvret\App\Layout\LayoutItem;

/** Layout of one film: layers, copies and places. */
#[ORM\Entity]
class FilmLayout
{
    /**
     * @param string $items    list of {design, copies, numbers, people}, as JSON
     * @param string $places   list of {item, copy, turn, x, y, stock, pinned, layer}, as JSON; layer is the digest of what was laid there
     * @param string $result   {length, boxes, used, left, seconds, steps}, as JSON
     * @param int    $revision rises whenever it is laid out anew or a piece is moved: what a worker finds for an older one is not kept
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public readonly string $film,
        #[ORM\Column(type: 'text')]
        public string $items,
        #[ORM\Column(type: 'text', options: ['default' => '[]'])]
        public string $places = '[]',
        #[ORM\Column(type: 'text', options: ['default' => '{}'])]
        public string $result = '{}',
        #[ORM\Column(length: 20, enumType: LayoutState::class)]
        public LayoutState $state = LayoutState::Waiting,
        #[ORM\Column(options: ['default' => 0])]
        public int $revision = 0,
        /** Whether it is a zone of the carrier mat. */
        #[ORM\Column(options: ['default' => false])]
        public readonly bool $onMat = false,
    ) {
    }

    /** Keeps the pinned pieces of another layout of this film. */
    public function takePins(self $before): void
    {
        $old = $before->items();
        $places = [];
        foreach ($this->items() as $item => $own) {
            foreach ($before->places() as $place) {
                $was = $old[$place['item']];
                $same = $was->person($place['copy']) === $own->person($place['copy']);
                if ($place['pinned'] && $same && $was->design === $own->design && $place['copy'] <= $own->copies()) {
                    $places[] = ['item' => $item] + $place;
                }
            }
        }
        $this->places = \json_encode($places, \JSON_THROW_ON_ERROR);
    }

    /** Adds copies; the existing places stay. */
    public function append(LayoutItem $item): void
    {
        $this->keepItems([...$this->items(), $item]);
    }

    /**
     * Removes cut pieces. An item counts the copies not cut yet.
     *
     * @param int $length of roll or sheet used, in µm
     */
    public function takeOff(string $stock, int $length): void
    {
        $gone = [];
        $places = [];
        foreach ($this->places() as $place) {
            if ($place['stock'] === $stock) {
                $gone[$place['item']][] = $place['copy'];
            } else {
                $places[] = $place;
            }
        }
        foreach ($places as $at => $place) {
            $before = \array_filter($gone[$place['item']] ?? [], static fn (int $copy): bool => $copy < $place['copy']);
            $places[$at]['copy'] -= \count($before);
        }
        $items = $this->items();
        $this->keepItems(\array_map(static fn (LayoutItem $item, int $at): LayoutItem => $item->without($gone[$at] ?? []), $items, \array_keys($items)));
        $this->places = \json_encode($places, \JSON_THROW_ON_ERROR);
        // The zones of a mat stay where they are.
        $result = $this->result();
        $left = $this->onMat ? $result['length'] : \max(0, $result['length'] - $length);
        $this->result = \json_encode(['length' => $left, 'boxes' => 0 === $left ? 0 : $result['boxes'], 'used' => 0] + $result, \JSON_THROW_ON_ERROR);
    }

    /** @return list<LayoutItem> */
    public function items(): array
    {
        /** @var list<array{design: string, copies: int, numbers?: list<int>, people?: list<string>}> $kept */
        $kept = \json_decode($this->items, true, 8, \JSON_THROW_ON_ERROR);
        $items = [];
        $first = 1;
        foreach ($kept as $item) {
            $items[] = LayoutItem::read($item, $first);
            $first += $item['copies'];
        }

        return $items;
    }

    /** @param list<LayoutItem> $items */
    private function keepItems(array $items): void
    {
        $this->items = \json_encode(\array_map(static fn (LayoutItem $item): array => $item->toArray(), $items), \JSON_THROW_ON_ERROR);
    }

    /** @return list<array{item: int, copy: int, turn: int, x: int, y: int, stock: string, pinned: bool, layer: string}> */
    public function places(): array
    {
        /** @var list<array{item: int, copy: int, turn: int, x: int, y: int, stock: string, pinned: bool, layer: string}> $places */
        $places = \json_decode($this->places, true, 8, \JSON_THROW_ON_ERROR);

        return $places;
    }

    /** @return array{length: int, boxes: int, used: float, seconds: float, left: list<array{int, int}>} left by item and copy */
    public function result(): array
    {
        /** @var array{length?: int, boxes?: int, used?: float|int, seconds?: float|int, left?: list<array{int, int}>} $result */
        $result = \json_decode($this->result, true, 8, \JSON_THROW_ON_ERROR);

        return [
            'length' => $result['length'] ?? 0,
            'boxes' => $result['boxes'] ?? 0,
            'used' => (float) ($result['used'] ?? 0),
            'seconds' => (float) ($result['seconds'] ?? 0),
            'left' => $result['left'] ?? [],
        ];
    }
}
