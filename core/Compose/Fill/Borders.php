<?php

declare(strict_types=1);

namespace Uvret\Compose\Fill;

/** A top and a bottom edge, by the share of the width from 0 at the left to 1 at the right. Lengths are in µm. */
interface Borders
{
    public function top(float $share): float;

    public function bottom(float $share): float;

    /** How far right a share of the width lies. */
    public function across(float $share): float;
}
