<?php

declare(strict_types=1);

namespace Uvret\Design;

/** Surfaces: cloth, coated cloth, or hard (never pressed hot). */
enum Surface: string
{
    case Cloth = 'cloth';
    case Coated = 'coated';
    case Hard = 'hard';
}
