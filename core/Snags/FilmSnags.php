<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Design\Design;
use Uvret\Design\Fabric;
use Uvret\Design\Film;
use Uvret\Design\Rack;
use Uvret\Design\Unsuited;
use Uvret\Separate\Separation;

/** Films unsuitable for the fabric, with suitable ones from the rack. */
final readonly class FilmSnags
{
    /** Maximum number of suitable films to suggest. */
    private const NAMED = 3;

    public function __construct(private Rack $rack)
    {
    }

    /** @return list<Snag> */
    public function of(Design $design, Separation $separation): array
    {
        $snags = [];
        $fabric = $design->blank->fabric;
        foreach ($separation->layers as $layer) {
            $why = Unsuited::why($layer->film, $this->rack->press($layer->film), $fabric);
            if (null !== $why) {
                $box = $layer->shown->bounds();
                $snags[] = new Snag(
                    kind: SnagKind::UnsuitedFilm,
                    message: $this->message($why, $layer->film, $fabric),
                    cure: $this->cure($layer->film, $fabric),
                    film: $layer->film->id,
                    x: null === $box ? null : \intdiv($box->left + $box->right, 2),
                    y: $box?->top,
                );
            }
        }

        return $snags;
    }

    private function message(Unsuited $why, Film $film, Fabric $fabric): string
    {
        return match ($why) {
            Unsuited::TooHot => "{$film->name} is pressed at {$this->rack->press($film)->temperature} °C; {$fabric->name} takes {$fabric->highest} °C at most.",
            Unsuited::DoesNotStretch => "{$fabric->name} stretches and {$film->name} does not go along: it would crack.",
            Unsuited::SlipsOffCoating => "{$fabric->name} is coated, and {$film->name} does not hold on that.",
            Unsuited::NeedsHeat => "{$film->name} is pressed hot, and {$fabric->name} is hard: nothing can be pressed on it.",
            Unsuited::NeedsHardGround => "{$film->name} is laid on cold: it holds on glass and board, not on cloth.",
        };
    }

    private function cure(Film $film, Fabric $fabric): string
    {
        $suit = \array_values(\array_filter(
            $this->rack->films(),
            fn (Film $other): bool => null === Unsuited::why($other, $this->rack->press($other), $fabric),
        ));
        \usort($suit, static fn (Film $a, Film $b): int => Colours::apart($a->colour, $film->colour) <=> Colours::apart($b->colour, $film->colour));
        $names = \array_map(static fn (Film $other): string => $other->name, \array_slice($suit, 0, self::NAMED));

        return match (\count($names)) {
            0 => 'No film on the rack suits it: choose another fabric, or add a film.',
            1 => "On the rack {$names[0]} would suit.",
            default => 'On the rack '.\implode(', ', \array_slice($names, 0, -1)).' or '.$names[\count($names) - 1].' would suit.',
        };
    }
}
