<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** One line of a design as it will be worn: welded and in its place. */
final readonly class Part
{
    /**
     * @param Box|null     $ink          the real bounds of the shapes; null when there is nothing to see
     * @param int          $letterHeight the height of the letter H at this size, in µm
     * @param list<string> $missing      characters that the font cannot draw
     * @param string|null  $failure      why the line could not be made, in words
     */
    public function __construct(
        public string $line,
        public string $film,
        public Region $region,
        public ?Box $ink,
        public int $letterHeight,
        public array $missing,
        public ?string $failure = null,
    ) {
    }

    public static function blank(string $line, string $film, ?string $failure = null): self
    {
        return new self($line, $film, Region::empty(), null, 0, [], $failure);
    }
}
