<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Region;

/** Number and total thickness of stacked films at each place. */
final readonly class FilmStacks
{
    /** Smaller places are rounding, in µm². */
    private const LEAST = 2_500.0;

    /** @param list<FilmStack> $stacks thickest first */
    private function __construct(public array $stacks)
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
        $stacks = \array_map(static fn (array $cell): FilmStack => new FilmStack($cell['films'], $cell['region']), $cells);
        \usort($stacks, static fn (FilmStack $a, FilmStack $b): int => [$b->thickness(), \count($b->films)] <=> [$a->thickness(), \count($a->films)]);

        return new self($stacks);
    }

    /** In µm. */
    public function thickest(): int
    {
        return [] === $this->stacks ? 0 : $this->stacks[0]->thickness();
    }

    /** The largest number of stacked films. */
    public function most(): int
    {
        return [] === $this->stacks ? 0 : \max(\array_map(static fn (FilmStack $stack): int => \count($stack->films), $this->stacks));
    }
}
