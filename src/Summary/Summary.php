<?php

declare(strict_types=1);

namespace Uvret\App\Summary;

use Uvret\Blanks\Drawing;
use Uvret\Cut\CutSheet;
use Uvret\Design\Film;
use Uvret\Design\Line;
use Uvret\Geometry\Unit;
use Uvret\Plan\Plan;
use Uvret\Proof\WornPicture;
use Uvret\Separate\CutLayer;
use Uvret\Snags\Snag;

/** Summary of a design for rail, job sheet and history. Lengths are in µm. */
final readonly class Summary
{
    /**
     * @param string       $placement  name of the area
     * @param int          $across     width of the area; 0 for a brim
     * @param int          $down       how high it is
     * @param int          $width      of the whole blank as it is drawn
     * @param int          $height     the same
     * @param list<string> $films      the names of those that are cut, the bottom one first
     * @param int          $snags      how many would spoil film or garment
     * @param string|null  $unreadable why the document can't be read; null if it can
     */
    public function __construct(
        public string $name,
        public string $blank = '',
        public string $size = '',
        public string $placement = '',
        public int $across = 0,
        public int $down = 0,
        public Unit $unit = Unit::Millimetre,
        public int $width = 1,
        public int $height = 1,
        public array $films = [],
        public int $filmLength = 0,
        public int $toWeed = 0,
        public int $snags = 0,
        public string $words = '',
        public string $picture = '',
        public ?string $unreadable = null,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $design = $plan->design;
        $extent = Drawing::named($design->blank->drawing)->extent($design->blank);
        $films = \array_map(static fn (CutLayer $layer): string => $layer->film->name, $plan->separation->layers);
        $said = [
            $design->name,
            $design->blank->name,
            ...\array_map(static fn (Line $line): string => $line->lettering->words, $design->lines),
            ...\array_map(static fn (Film $film): string => $film->name, $design->films),
        ];

        $brim = $design->blank->placement->brim;

        return new self(
            name: $design->name,
            blank: $design->blank->name,
            size: $design->blank->size,
            placement: $design->blank->placement->name,
            across: null === $brim ? $design->blank->placement->width : 0,
            down: null === $brim ? $design->blank->placement->height : $brim->edge - $brim->crown,
            unit: $design->unit,
            width: $extent->width(),
            height: $extent->height(),
            films: $films,
            filmLength: $plan->filmLength(),
            toWeed: \array_sum(\array_map(static fn (CutSheet $sheet): int => $sheet->toWeed(), $plan->cutPlan->sheets)),
            snags: \count(\array_filter($plan->snags, static fn (Snag $snag): bool => $snag->kind->blocks())),
            words: \mb_strtolower(\implode(' ', $said)),
            picture: WornPicture::small($plan),
        );
    }

    /** For an unreadable document. */
    public static function unreadable(string $document, string $why): self
    {
        $data = \json_decode($document, true);
        $name = \is_array($data) && \is_string($data['name'] ?? null) ? $data['name'] : 'A design that can’t be read';

        return new self(name: $name, words: \mb_strtolower($name), unreadable: $why);
    }
}
