<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

/** A stretch of a picture's text in one style. */
final readonly class Span
{
    /** @param array<string, string> $places the x, y, dx and dy that it starts at, where it has them */
    public function __construct(
        public string $words,
        public Scope $scope,
        public array $places,
    ) {
    }

    /** Whether it stands in a place of its own. */
    public function isPlaced(): bool
    {
        return isset($this->places['x']) || isset($this->places['y']);
    }

    /** One of its places; null if it has none of that name. */
    public function place(string $name, int $axis): ?float
    {
        return isset($this->places[$name]) ? CssLength::read($this->places[$name], $this->scope->view[$axis] ?? 0.0, $this->scope->style->em()) : null;
    }

    public function family(): string
    {
        return \trim(\explode(',', $this->scope->style->get('font-family'))[0], " \"'");
    }
}
