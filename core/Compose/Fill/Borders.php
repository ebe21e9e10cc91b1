<?php

declare(strict_types=1);

namespace Uvret\Compose\Fill;

/** Top and bottom edge as functions of the share of the width, from 0 at the left to 1 at the right. Lengths are in µm. */
interface Borders
{
    public function top(float $share): float;

    public function bottom(float $share): float;

    /** The x of a share of the width. */
    public function across(float $share): float;
}
