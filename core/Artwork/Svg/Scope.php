<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;

/** What holds where an element stands: the style, the way to the page, the view that percentages are of, and what is seen of it. */
final readonly class Scope
{
    /**
     * @param array{float, float} $view width and height
     * @param Region|null         $clip null if all is seen
     */
    public function __construct(
        public Style $style,
        public Affine $map,
        public array $view,
        public int $depth = 0,
        private ?Region $clip = null,
    ) {
    }

    /** For an element within. */
    public function of(\DOMElement $element, StyleSheet $sheet): self
    {
        return new self(
            style: $this->style->of($element, $sheet),
            map: Transform::read($element->getAttribute('transform'))->then($this->map),
            view: $this->view,
            depth: $this->depth + 1,
            clip: $this->clip,
        );
    }

    public function mapped(Affine $inner): self
    {
        return new self($this->style, $inner->then($this->map), $this->view, $this->depth, $this->clip);
    }

    /** For what is shown of a view. */
    public function inView(float $width, float $height): self
    {
        return new self($this->style, $this->map, [$width, $height], $this->depth, $this->clip);
    }

    public function clipped(Region $clip): self
    {
        return new self($this->style, $this->map, $this->view, $this->depth, $this->seen($clip));
    }

    /** What is seen of a region on the page. */
    public function seen(Region $region): Region
    {
        $box = $region->bounds();
        if (null === $this->clip || null === $box) {
            return $region;
        }
        // Most clips are boxes that hold the shape.
        $frame = $this->clip->bounds();
        if (null !== $frame && $frame->holds($box) && 4 === $this->clip->vertexCount() && (float) $frame->width() * $frame->height() === $this->clip->area()) {
            return $region;
        }

        return $region->intersect($this->clip);
    }

    /** The length of an attribute, along x, y or the diagonal of the view. */
    public function length(\DOMElement $element, string $name, string $along): float
    {
        return CssLength::read($element->getAttribute($name), match ($along) {
            'x' => $this->view[0],
            'y' => $this->view[1],
            default => $this->diagonal(),
        }, $this->style->em());
    }

    /** What lengths without a direction are shares of. */
    public function diagonal(): float
    {
        return \hypot(...$this->view) / \M_SQRT2;
    }
}
