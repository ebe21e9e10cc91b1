<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Joining\LetterJoin;
use Uvret\Compose\Part;
use Uvret\Design\Design;

/** Letters that should connect and don’t, barely do, or fill one another’s holes. */
final class JointSnags
{
    /** Minimum thickness of the neck, in µm. */
    public const NECK = 400;

    private const CURE = 'Mend the joins, or nudge the letter.';

    /** @return list<Snag> */
    public static function of(Design $design, Part $part): array
    {
        $snags = [];
        foreach ($part->joints as $joint) {
            $pair = self::pair($design, $part, $joint);
            // Capitals that don't join by default are meant to stand apart.
            $isMeant = $joint->expected || ($joint->gap < LetterJoin::HAIR && 1 !== \preg_match('/\p{Lu}/u', $pair));
            $kind = match (true) {
                $joint->fillsHole() => SnagKind::FilledHole,
                0 === $joint->overlap && $isMeant => SnagKind::LooseLetters,
                $joint->overlap > 0 && $joint->overlap < self::NECK => SnagKind::ThinJoin,
                default => null,
            };
            if (null === $kind) {
                continue;
            }
            $message = match ($kind) {
                SnagKind::FilledHole => \sprintf('“%s”: one letter fills %d %% of the other’s hole.', $pair, \max(1, (int) \round(100 * $joint->lostShare))),
                SnagKind::LooseLetters => \sprintf('“%s” don’t connect: %s gap.', $pair, $design->measure($joint->gap)),
                default => \sprintf('“%s” barely connect: the neck is %s thick.', $pair, $design->measure($joint->overlap)),
            };
            $snags[] = new Snag($kind, $message, self::CURE, $part->card, $part->film, $joint->x, $joint->y);
        }

        return $snags;
    }

    private static function pair(Design $design, Part $part, LetterJoin $joint): string
    {
        foreach ($design->lines as $line) {
            if ($line->id === $part->card) {
                return \mb_substr($line->lettering->words, $joint->left, $joint->right - $joint->left + 1);
            }
        }

        return '';
    }
}
