<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\ReadsItself;

/** A heat-transfer film. Lengths are in µm. */
final readonly class Film implements ReadsItself
{
    /**
     * @param bool $mirrored whether its blade side shows the mirror image of what is worn
     * @param bool $carries  whether another film holds on it
     * @param bool $opaque   whether what lies beneath it shows through
     * @param bool $cold     whether it is laid on cold with transfer tape rather than pressed
     * @param bool $coated   whether it holds on coated fabrics
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $colour,
        public Finish $finish,
        public int $width,
        public int $thickness,
        public bool $mirrored,
        public bool $carries,
        public bool $opaque,
        public bool $cold,
        public bool $coated,
    ) {
    }

    public static function read(\stdClass $document): static
    {
        /**
         * @var \stdClass&object{
         *     id: string, name: string, colour: string, finish: string, width: int, thickness: int,
         *     bladeSide: string, carries: string, opaque: bool, applied: string, coated: bool,
         * } $document
         */
        $finish = Finish::from($document->finish);

        return new self(
            id: $document->id,
            name: $document->name,
            colour: $document->colour,
            finish: $finish,
            width: $document->width,
            thickness: $document->thickness,
            mirrored: 'mirrored' === $document->bladeSide,
            carries: 'by finish' === $document->carries ? $finish->carries() : 'films' === $document->carries,
            opaque: $document->opaque,
            cold: 'cold' === $document->applied,
            coated: $document->coated,
        );
    }
}
