<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Follow\Strain;
use Uvret\Compose\Joining\LetterJoin;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/**
 * A line sized, welded and turned. Where it is not in its place yet, its ink's left top corner before the turn is
 * at the origin. Lengths are in µm.
 */
final readonly class SizedLine
{
    /**
     * @param Box                   $ink          the real bounds of the turned shapes
     * @param int                   $width        of the ink along the baseline, before the turn
     * @param int                   $height       of the ink across the baseline, before the turn
     * @param int                   $letterHeight the height of the letter H at this size
     * @param list<string>          $missing      characters that the font cannot draw
     * @param list<LetterJoin>      $joints       of letters that are to join; empty if none are
     * @param int                   $em           what the font's em takes at this size
     * @param array<int, Box>       $letters      where each letter's ink lies, by its place in the words
     * @param array<string, Region> $welds        the letters of each film by themselves; those of the line's film under the empty name
     * @param bool                  $isPlaced     whether it is in its place already
     * @param list<Strain>          $strains      where it does not go well with what it follows
     */
    public function __construct(
        public Region $region,
        public Box $ink,
        public int $width,
        public int $height,
        public int $letterHeight,
        public array $missing,
        public array $joints,
        public int $em,
        public array $letters,
        public array $welds,
        public bool $isPlaced = false,
        public ?PathHandles $handles = null,
        public array $strains = [],
    ) {
    }
}
