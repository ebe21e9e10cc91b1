<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Artwork\Artwork;
use Uvret\Artwork\ArtworkException;
use Uvret\Artwork\TextOutlines;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;

/** Goes through a picture's elements in the order in which they are painted, and puts their shapes on a canvas. */
final class Painter
{
    public const DEEPEST = 40;
    public const HALF = 'Something half transparent became solid: film is.';

    private readonly StyleSheet $sheet;
    private readonly Notes $notes;
    private readonly Links $links;
    private readonly Canvas $canvas;
    private readonly Inking $inking;
    private readonly SvgText $lettering;
    private readonly Clipping $clipping;
    private readonly Elements $elements;

    public function __construct(\DOMDocument $document, ?TextOutlines $letters)
    {
        $css = '';
        foreach ($document->getElementsByTagName('style') as $style) {
            $css .= $style->textContent."\n";
        }
        $this->sheet = StyleSheet::read($css);
        $this->notes = new Notes();
        $this->links = new Links($document);
        $this->canvas = new Canvas();
        $this->inking = new Inking($this->canvas, $this->links, $this->sheet, $this->notes);
        $this->lettering = new SvgText($letters, $this->sheet, $this->notes);
        $this->elements = new Elements();
        $this->clipping = new Clipping($this->links, $this->sheet, $this->lettering, $this->elements);
    }

    /** @param int $side how long the longer side of the picture becomes, in µm */
    public function paint(\DOMElement $root, int $side): Artwork
    {
        $box = Transform::viewBox($root);
        $width = CssLength::read($root->getAttribute('width'), $box[2] ?? 100.0);
        $height = CssLength::read($root->getAttribute('height'), $box[3] ?? 100.0);
        $width = $width > 0 ? $width : ($box[2] ?? 300.0);
        $height = $height > 0 ? $height : ($box[3] ?? 150.0);
        $scale = $side / \max($width, $height);
        // The page's y points down.
        $page = new Scope(Style::initial()->of($root, $this->sheet), Affine::scale($scale, -$scale), [$width, $height]);
        $this->view($root, $page, $box ?? [0.0, 0.0, $width, $height], 0, 0, $width, $height);

        return new Artwork($this->canvas->parts(), $this->notes->all());
    }

    private function children(\DOMElement $parent, Scope $scope): void
    {
        foreach ($parent->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $this->element($child, $scope);
            }
        }
    }

    private function element(\DOMElement $element, Scope $outside): void
    {
        $this->elements->next();
        if ($outside->depth >= self::DEEPEST) {
            throw ArtworkException::tooLarge(self::DEEPEST.' levels of groups');
        }
        $scope = $outside->of($element, $this->sheet);
        $opacity = $scope->style->opacity('opacity');
        if ('none' === $scope->style->get('display') || 0.0 === $opacity) {
            return;
        }
        if ($opacity < 1.0) {
            $this->notes->add(self::HALF);
        }
        foreach (['mask' => 'A mask was left out.', 'filter' => 'A filter was left out.'] as $property => $note) {
            if (\str_starts_with($scope->style->get($property), 'url')) {
                $this->notes->add($note);
            }
        }
        $scope = $this->clipping->through($element, $scope);
        if (null === $scope) {
            return;
        }
        switch ($element->localName) {
            case 'g':
            case 'a':
                $this->children($element, $scope);
                break;
            case 'switch':
                $this->firstOf($element, $scope);
                break;
            case 'svg':
                $this->nested($element, $scope, $element);
                break;
            case 'use':
                $this->used($element, $scope);
                break;
            case 'text':
                foreach ($this->lettering->runs($element, $scope) as [$region, $span]) {
                    $this->inking->letters($region, $span);
                }
                break;
            case 'image':
            case 'foreignObject':
                $this->notes->add('A pixel image or foreign content was left out: only shapes can be cut.');
                break;
            case 'script':
                $this->notes->add('A script was left out.');
                break;
            default:
                $outline = Shapes::outline($element, $scope->length(...));
                if (null !== $outline && $scope->style->isShown()) {
                    $this->inking->shape($outline, $scope);
                }
        }
    }

    /** The first child that asks for nothing that is not here. */
    private function firstOf(\DOMElement $switch, Scope $scope): void
    {
        foreach ($switch->childNodes as $child) {
            if (
                $child instanceof \DOMElement
                && '' === $child->getAttribute('requiredExtensions')
                && 1 === \preg_match('/^$|\ben\b/i', $child->getAttribute('systemLanguage'))
            ) {
                $this->element($child, $scope);

                return;
            }
        }
    }

    private function nested(\DOMElement $picture, Scope $scope, \DOMElement $sized): void
    {
        $length = static fn (string $name, string $along, float $whole): float => CssLength::read(
            $sized->getAttribute($name) ?: $picture->getAttribute($name) ?: '100%',
            $whole,
            $scope->style->em(),
        );
        [$width, $height] = [$length('width', 'x', $scope->view[0]), $length('height', 'y', $scope->view[1])];
        [$x, $y] = $sized === $picture ? [$scope->length($picture, 'x', 'x'), $scope->length($picture, 'y', 'y')] : [0.0, 0.0];
        if ($width > 0 && $height > 0) {
            $this->view($picture, $scope, Transform::viewBox($picture) ?? [0.0, 0.0, $width, $height], $x, $y, $width, $height);
        }
    }

    /**
     * What a picture shows in its place.
     *
     * @param array{float, float, float, float} $box
     */
    private function view(\DOMElement $picture, Scope $scope, array $box, float $x, float $y, float $width, float $height): void
    {
        $frame = Shapes::frame($x, $y, $width, $height);
        $seen = \in_array($scope->style->get('overflow'), ['visible', 'auto'], true)
            ? $scope
            : $scope->clipped(Region::fromRings(Flattening::rings($frame->filled(), $scope->map)));
        $this->children(
            $picture,
            $seen->mapped(Transform::fit($box, $picture->getAttribute('preserveAspectRatio'), $x, $y, $width, $height))->inView($box[2], $box[3]),
        );
    }

    private function used(\DOMElement $use, Scope $scope): void
    {
        $address = Links::address($use);
        if (!\str_starts_with($address, '#')) {
            $this->notes->add('A link to another file was left out.');

            return;
        }
        $target = $this->links->target($address);
        if (null === $target) {
            return;
        }
        $moved = $scope->mapped(Affine::move($scope->length($use, 'x', 'x'), $scope->length($use, 'y', 'y')));
        if (\in_array($target->localName, ['symbol', 'svg'], true)) {
            $this->nested($target, $moved->of($target, $this->sheet), $use);
        } else {
            $this->element($target, $moved);
        }
    }
}
