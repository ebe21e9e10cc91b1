<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Artwork\ArtworkException;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\FillRule;
use Uvret\Geometry\Region;

/** What clipping paths leave of elements (CSS Masking 1, chapter 5). */
final readonly class Clipping
{
    /** Resolution of element boxes, in parts of a unit. */
    private const FINE = 1000.0;

    public function __construct(
        private Links $links,
        private StyleSheet $sheet,
        private SvgText $lettering,
        private Elements $elements,
    ) {
    }

    /** An element's scope with what its clipping path lets through; null if it lets nothing through. */
    public function through(\DOMElement $element, Scope $scope): ?Scope
    {
        $path = $this->links->named($scope->style->get('clip-path'));
        if (null === $path || 'clipPath' !== $path->localName) {
            return $scope;
        }
        $region = $this->region($path, $scope, $element);

        return $region->isEmpty() ? null : $scope->clipped($region);
    }

    /** What a clipping path lets through of the page. */
    private function region(\DOMElement $path, Scope $scope, \DOMElement $element): Region
    {
        if ($scope->depth > Painter::DEEPEST) {
            throw ArtworkException::tooLarge(Painter::DEEPEST.' levels of groups');
        }
        $inner = new Scope(Style::initial(), $scope->map, $scope->view, $scope->depth);
        if ('objectBoundingBox' === $path->getAttribute('clipPathUnits')) {
            $box = $this->box($element, $scope);
            if (null === $box) {
                return Region::empty();
            }
            $inner = $inner->mapped(Affine::scale($box->width() / self::FINE, $box->height() / self::FINE)->then(
                Affine::move($box->left / self::FINE, $box->bottom / self::FINE),
            ));
        }
        $inner = $inner->of($path, $this->sheet);
        $regions = [];
        foreach ($path->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $regions[] = $this->silhouette($child, $inner, 'clip-rule');
            }
        }
        $region = Region::empty()->union(...$regions);
        $further = $this->links->named($inner->style->get('clip-path'));

        return null === $further ? $region : $region->intersect($this->region($further, $inner, $path));
    }

    /** The box of an element's shapes in its own coordinates, in parts of their unit. */
    private function box(\DOMElement $element, Scope $scope): ?Box
    {
        $own = new Scope($scope->style, Affine::scale(self::FINE), $scope->view, $scope->depth);

        return $this->drawn($element, $own, 'fill-rule')->bounds();
    }

    /** All that an element covers, strokes left aside. */
    private function silhouette(\DOMElement $element, Scope $outside, string $rule): Region
    {
        $this->elements->next();
        $scope = $outside->of($element, $this->sheet);
        if ('none' === $scope->style->get('display')) {
            return Region::empty();
        }
        $region = $this->drawn($element, $scope, $rule);
        $clip = 'clip-rule' === $rule ? $this->links->named($scope->style->get('clip-path')) : null;

        return null === $clip ? $region : $region->intersect($this->region($clip, $scope, $element));
    }

    private function drawn(\DOMElement $element, Scope $scope, string $rule): Region
    {
        if ($scope->depth > Painter::DEEPEST) {
            throw ArtworkException::tooLarge(Painter::DEEPEST.' levels of groups');
        }
        switch ($element->localName) {
            case 'g':
            case 'svg':
            case 'a':
                $regions = [];
                foreach ($element->childNodes as $child) {
                    if ($child instanceof \DOMElement) {
                        $regions[] = $this->silhouette($child, $scope, $rule);
                    }
                }

                return Region::empty()->union(...$regions);
            case 'use':
                $target = $this->links->target(Links::address($element));

                return null === $target
                    ? Region::empty()
                    : $this->silhouette($target, $scope->mapped(Affine::move($scope->length($element, 'x', 'x'), $scope->length($element, 'y', 'y'))), $rule);
            case 'text':
                return Region::empty()->union(...\array_map(static fn (array $run): Region => $run[0], $this->lettering->runs($element, $scope)));
            default:
                $outline = Shapes::outline($element, $scope->length(...));

                return null === $outline || !$scope->style->isShown()
                    ? Region::empty()
                    : Region::fromRings(
                        Flattening::rings($outline->filled(), $scope->map),
                        $scope->style->isEvenOdd($rule) ? FillRule::EvenOdd : FillRule::NonZero,
                    );
        }
    }
}
