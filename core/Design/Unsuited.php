<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Why a film does not suit a fabric. */
enum Unsuited
{
    case TooHot;
    case DoesNotStretch;
    case SlipsOffCoating;
    case NeedsHeat;
    case NeedsHardGround;

    /** The first reason; null if the film is suitable. */
    public static function why(Film $film, FilmPress $press, Fabric $fabric): ?self
    {
        $hard = Surface::Hard === $fabric->surface;

        return match (true) {
            $hard && !$film->cold => self::NeedsHeat,
            !$hard && $film->cold => self::NeedsHardGround,
            $hard => null,
            $press->least() > $fabric->highest => self::TooHot,
            Surface::Coated === $fabric->surface && !$film->coated => self::SlipsOffCoating,
            !$film->finish->stretch()->covers($fabric->stretch) => self::DoesNotStretch,
            default => null,
        };
    }
}
