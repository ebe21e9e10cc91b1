<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

/** What was left out of a picture or became something else, each said once. */
final class Notes
{
    /** @var array<string, true> */
    private array $sentences = [];

    public function add(string $sentence): void
    {
        $this->sentences[$sentence] = true;
    }

    /** @return list<string> */
    public function all(): array
    {
        return \array_keys($this->sentences);
    }
}
