<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Region;

/** Number and total thickness of stacked films at each place. */
final readonly class Pile
{
    /** Smaller places are rounding, in µm². */
    private const LEAST = 2_500.0;

    /** @param list<Heap> $heaps thickest first */
    private function __construct(public array $heaps)
    {
    }

    /** @param list<CutLayer> $layers */
    public static function of(array $layers): self
    {
        /** @var list<array{films: non-empty-list<\Uvret\Design\Film>, region: Region}> $cells */
        $cells = [];
        foreach ($layers as $layer) {
            $next = [];
            $free = $layer->region;
            foreach ($cells as ['films' => $films, 'region' => $region]) {
                $common = $region->intersect($layer->region);
                if ($common->area() < self::LEAST) {
                    $next[] = ['films' => $films, 'region' => $region];
                    continue;
                }
                $next[] = ['films' => [...$films, $layer->film], 'region' => $common];
                $rest = $region->subtract($common);
                $free = $free->subtract($common);
                if ($rest->area() >= self::LEAST) {
                    $next[] = ['films' => $films, 'region' => $rest];
                }
            }
            if ($free->area() >= self::LEAST) {
                $next[] = ['films' => [$layer->film], 'region' => $free];
            }
            $cells = $next;
        }
        $heaps = \array_map(static fn (array $cell): Heap => new Heap($cell['films'], $cell['region']), $cells);
        \usort($heaps, static fn (Heap $a, Heap $b): int => [$b->thickness(), \count($b->films)] <=> [$a->thickness(), \count($a->films)]);

        return new self($heaps);
    }

    /** In µm. */
    public function thickest(): int
    {
        return [] === $this->heaps ? 0 : $this->heaps[0]->thickness();
    }

    /** The largest number of stacked films. */
    public function most(): int
    {
        return [] === $this->heaps ? 0 : \max(\array_map(static fn (Heap $heap): int => \count($heap->films), $this->heaps));
    }
}
