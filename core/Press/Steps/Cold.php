<?php

declare(strict_types=1);

namespace Uvret\Press\Steps;

use Uvret\Design\Fabric;
use Uvret\Press\PressException;
use Uvret\Press\PressStep;

/** Films on glass or board: applied cold with transfer tape, lowest first. */
final readonly class Cold
{
    /**
     * @param non-empty-list<Lay> $lays in press order
     *
     * @return non-empty-list<PressStep>
     *
     * @throws PressException if a film needs heat
     */
    public static function steps(array $lays, Fabric $fabric): array
    {
        $steps = [PressStep::clean()];
        $on = null;
        foreach ($lays as $lay) {
            if (!$lay->film->cold) {
                throw PressException::notCold($lay->film, $fabric->name);
            }
            $steps[] = PressStep::tape($lay->film);
            $steps[] = PressStep::apply($lay->film, $on);
            $on = $lay->film;
        }

        return $steps;
    }
}
