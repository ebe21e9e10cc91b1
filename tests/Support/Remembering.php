<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Uvret\Compose\Memory;

/** A memory that counts; what it gives back was written down meanwhile, as between two requests. */
final class Remembering implements Memory
{
    public int $recalled = 0;

    /** @var array<int|string, int> how often something was made, by the first word of its key */
    public array $made = [];

    /** @var array<string, string> */
    private array $known = [];

    public function recall(string $key, callable $make): mixed
    {
        if (isset($this->known[$key])) {
            ++$this->recalled;

            return \unserialize($this->known[$key]);
        }
        $made = $make();
        $this->known[$key] = \serialize($made);
        $what = \explode(' ', $key)[0];
        $this->made[$what] = ($this->made[$what] ?? 0) + 1;

        return $made;
    }
}
