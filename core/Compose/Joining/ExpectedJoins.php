<?php

declare(strict_types=1);

namespace Uvret\Compose\Joining;

use Uvret\Compose\TypesetWords;
use Uvret\Design\Joins;
use Uvret\Design\Line;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Type\Font;

/**
 * Letters of a line that should join: in a joining script, those that overlap before spacing and nudges;
 * or all lower-case letters if the line is set to join.
 */
final readonly class ExpectedJoins
{
    /** Em for measuring, in µm. */
    private const SIZE = 20000;

    /** @param array<int, Region>|null $letters as the font sets them; null if that is how the line has them */
    private function __construct(
        private Line $line,
        private ?array $letters,
    ) {
    }

    public static function of(Line $line, Font $font): self
    {
        $isAsSet = 0 === $line->lettering->spacing && [] === $line->lettering->letters;
        if (Joins::Join === $line->lettering->joins || $isAsSet) {
            return new self($line, null);
        }

        return new self($line, TypesetWords::of($line->lettering->withoutNudges(), $font)->letters(Affine::scale(self::SIZE / $font->unitsPerEm)));
    }

    public function between(int $left, int $right): bool
    {
        if (Joins::Join === $this->line->lettering->joins) {
            return JoinCheck::areSmall($this->line->lettering->words, $left, $right);
        }
        $one = $this->letters[$left] ?? null;
        $other = $this->letters[$right] ?? null;

        return null !== $one && null !== $other && !$one->intersect($other)->isEmpty();
    }
}
