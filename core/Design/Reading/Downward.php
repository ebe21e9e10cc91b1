<?php

declare(strict_types=1);

namespace Uvret\Design\Reading;

/** A coordinate, or x and y in turn, that documents measure downwards and the code upwards. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Downward
{
}
