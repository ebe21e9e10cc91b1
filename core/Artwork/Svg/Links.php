<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

/** What elements of a picture refer to within it: nothing else is ever fetched. */
final class Links
{
    private const XLINK = 'http://www.w3.org/1999/xlink';

    /** @var array<string, \DOMElement>|null */
    private ?array $byId = null;

    public function __construct(private readonly \DOMDocument $document)
    {
    }

    /** The address that an element links to. */
    public static function address(\DOMElement $element): string
    {
        return $element->getAttribute('href') ?: $element->getAttributeNS(self::XLINK, 'href');
    }

    /** What an address like #name leads to; null if it leads out of the picture, or nowhere. */
    public function target(string $address): ?\DOMElement
    {
        return \str_starts_with($address, '#') ? ($this->all()[\substr($address, 1)] ?? null) : null;
    }

    /** What a property's value like url(#name) names. */
    public function named(string $value): ?\DOMElement
    {
        return 1 === \preg_match('/^url\(\s*["\']?(#[^"\')\s]+)/', $value, $found) ? $this->target($found[1]) : null;
    }

    /** @return array<string, \DOMElement> */
    private function all(): array
    {
        if (null === $this->byId) {
            $this->byId = [];
            foreach ($this->document->getElementsByTagName('*') as $element) {
                $id = $element->getAttribute('id');
                if ('' !== $id) {
                    $this->byId[$id] ??= $element;
                }
            }
        }

        return $this->byId;
    }
}
