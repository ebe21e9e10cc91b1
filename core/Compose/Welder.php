<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Joining\ExpectedJoins;
use Uvret\Compose\Joining\JoinCheck;
use Uvret\Design\Joins;
use Uvret\Design\Letter;
use Uvret\Design\Line;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\GeometryException;
use Uvret\Geometry\Region;
use Uvret\Type\Font;
use Uvret\Type\FontException;
use Uvret\Type\TypeCase;

/** Line → block: the words shaped, sized by their ink, turned and welded. */
final readonly class Welder
{
    /** Longer than any press, and as far as the grid of the geometry reaches. */
    private const LONGEST = 40_000_000;

    public function __construct(private TypeCase $typeCase)
    {
    }

    /** Whether the letters of a line are to join: as it says, or as the font's do. */
    private function areToJoin(Line $line): bool
    {
        return match ($line->joins) {
            Joins::Join => true,
            Joins::Apart => false,
            Joins::Auto => $this->typeCase->entry($line->font)?->facts->isJoining() ?? false,
        };
    }

    /** @return array<int, string> the films of letters that have one of their own, by their places in the words */
    private static function films(Line $line): array
    {
        return \array_filter(\array_map(static fn (Letter $letter): string => $letter->film ?? '', $line->letters), static fn (string $film): bool => '' !== $film && $film !== $line->film);
    }

    /** @return list<string> the characters that the font cannot draw and that no other glyph was chosen for */
    private static function missing(Line $line, Font $font): array
    {
        $words = '';
        foreach (\mb_str_split($line->words) as $at => $character) {
            $words .= null === ($line->letters[$at]->glyph ?? null) ? $character : ' ';
        }

        return $font->missing($words);
    }

    /**
     * Returns null where the words have no ink.
     *
     * @throws CompositionException|FontException where the line cannot be made
     */
    public function block(Line $line, Box $area): ?Block
    {
        $font = $this->typeCase->font($line->font);
        $lettering = Lettering::of($line, $font);
        $scale = $lettering->scale($line->size, $line->stretch / 100, $line->turn, $area);
        if (null === $scale || null === $lettering->ink) {
            return null;
        }
        [$across, $up] = $scale;
        [$left, $bottom, $right, $top] = $lettering->ink;
        $width = ($right - $left) * $across;
        $height = ($top - $bottom) * $up;
        if (\hypot($width, $height) >= self::LONGEST) {
            throw CompositionException::tooLong();
        }
        $map = Affine::scale($across, $up)->then(Affine::move(-$left * $across, -$top * $up));
        if (0.0 !== $line->turn) {
            $map = $map->then(Affine::move(-$width / 2, $height / 2))->then(Affine::turn(-$line->turn))->then(Affine::move($width / 2, -$height / 2));
        }
        try {
            $welds = $lettering->welds($map, self::films($line));
            $region = 1 === \count($welds) ? \reset($welds) : Region::empty()->union(...\array_values($welds));
        } catch (GeometryException $e) {
            throw CompositionException::notWelded($e);
        }
        $ink = $region->bounds();
        if (null === $ink) {
            return null;
        }
        $joints = $this->areToJoin($line) ? JoinCheck::of($lettering->letters($map), $line->words, ExpectedJoins::of($line, $font)->between(...)) : [];

        return new Block($region, $ink, (int) \round($width), (int) \round($height), (int) \round($font->letterHeight() * $up), self::missing($line, $font), $joints, (int) \round($font->unitsPerEm * $up), $lettering->boxes($map), $welds);
    }
}
