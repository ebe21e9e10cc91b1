<?php

declare(strict_types=1);

namespace Uvret\Artwork;

use Uvret\Artwork\Svg\Painter;

/**
 * Reads SVG pictures as shapes: nothing in them is run, fetched or expanded.
 *
 * Paths, basic shapes, groups, `use`, nested pictures with their viewBoxes, transforms, units, fill rules, strokes, clipping paths,
 * style attributes and simple style sheets are read, and texts whose font is here. Images, scripts, links to elsewhere, masks, filters
 * and markers are left out and said.
 */
final readonly class SvgReader
{
    /** How large the longer side of what is read becomes, in µm: finer than any film is cut. */
    public const SIDE = 400_000;

    private const MOST_BYTES = 2_000_000;

    public function __construct(private ?TextOutlines $letters = null)
    {
    }

    /** @throws ArtworkException if it is no picture, too large, or shows nothing that could be cut */
    public function read(string $svg): Artwork
    {
        if (\strlen($svg) > self::MOST_BYTES) {
            throw ArtworkException::tooLarge('2 MB');
        }
        $document = new \DOMDocument();
        $before = \libxml_use_internal_errors(true);
        $isRead = '' !== \trim($svg) && $document->loadXML($svg, \LIBXML_NONET | \LIBXML_COMPACT);
        $error = \libxml_get_last_error();
        \libxml_clear_errors();
        \libxml_use_internal_errors($before);
        if (1 === \preg_match('/<!ENTITY/i', $svg) || 0 < ($document->doctype->entities->length ?? 0)) {
            throw ArtworkException::entities();
        }
        $root = $document->documentElement;
        if (!$isRead || null === $root) {
            throw ArtworkException::notSvg(false === $error ? 'it is empty' : \trim($error->message).' in line '.$error->line);
        }
        if ('svg' !== $root->localName) {
            throw ArtworkException::notSvg("its root is “{$root->localName}”");
        }
        $artwork = (new Painter($document, $this->letters))->paint($root, self::SIDE);

        return [] === $artwork->parts ? throw ArtworkException::empty() : $artwork;
    }
}
