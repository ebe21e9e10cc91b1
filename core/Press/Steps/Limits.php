<?php

declare(strict_types=1);

namespace Uvret\Press\Steps;

use Uvret\Design\Fabric;
use Uvret\Design\Pressure;

/** What a fabric stands at the press. */
final readonly class Limits
{
    /** @param int $highest temperature in °C */
    private function __construct(
        public int $highest,
        private bool $marks,
    ) {
    }

    public static function of(Fabric $fabric): self
    {
        return new self($fabric->highest, $fabric->marks);
    }

    /** As hard as is wanted, but never so hard that the press leaves marks. */
    public function pressure(Pressure $wanted): Pressure
    {
        return $this->marks && Pressure::Firm === $wanted ? Pressure::Medium : $wanted;
    }
}
