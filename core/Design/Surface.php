<?php

declare(strict_types=1);

namespace Uvret\Design;

/** What film is laid on: cloth, cloth coated against water, or something hard that is not pressed hot. */
enum Surface: string
{
    case Cloth = 'cloth';
    case Coated = 'coated';
    case Hard = 'hard';
}
