<?php

declare(strict_types=1);

namespace Uvret\Layout;

final class StockException extends \InvalidArgumentException
{
    public static function nothingUsable(string $id): self
    {
        return new self("$id is no wider than its unusable edges. Make the edges smaller or remove it from the rack.");
    }
}
