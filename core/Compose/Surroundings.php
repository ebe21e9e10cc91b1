<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\BrimRing;
use Uvret\Design\Design;
use Uvret\Design\Dimensions;
use Uvret\Design\Follow\FollowPath;
use Uvret\Design\Joins;
use Uvret\Design\Line;
use Uvret\Design\SizeBy;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Type\Font;
use Uvret\Type\FontException;
use Uvret\Type\TypeCase;

/** What a line is placed in: the area or brim, and the shapes and lines it may follow. */
final readonly class Surroundings
{
    public Box $area;

    public ?BrimRing $brim;

    /** The centre of the brim, which is the blank's measuring point. */
    public int $brimX;

    public int $brimY;

    /** @var array<string, Dimensions> of the forms and motifs, by their ids */
    private array $sizes;

    /** @var list<string> the ids of forms */
    private array $forms;

    /** @param array<string, Region> $shapes by the ids of forms, motifs and filled pieces */
    public function __construct(
        private TypeCase $typeCase,
        private Design $design,
        public array $shapes,
    ) {
        $placement = $design->blank->placement;
        $half = \intdiv($placement->width, 2);
        $this->area = new Box(-$half, -$placement->height, $placement->width - $half, 0);
        $this->brim = $placement->brim;
        $this->sizes = \array_column([...$design->forms, ...$design->motifs], 'size', 'id');
        $this->forms = \array_column($design->forms, 'id');
        $this->brimX = -$placement->across;
        $this->brimY = $placement->down;
    }

    /** The room to fit a line into: the area, or its form or motif centred on the origin. */
    public function room(Line $line): Box
    {
        $size = $this->sizes[$line->belongs->to] ?? null;
        if (null === $size) {
            return $this->area;
        }
        [$x, $y] = [\intdiv($size->width, 2), \intdiv($size->height, 2)];

        return new Box(-$x, -$y, $size->width - $x, $size->height - $y);
    }

    /** The shape that limits a straight line fitted into a form it belongs to; null for any other line. */
    public function formRoom(Line $line): ?FormRoom
    {
        $isFitted = SizeBy::Area === $line->size->by && FollowPath::Straight === $line->follows->path && $line->fills->isPlain();
        $isOnForm = \in_array($line->belongs->to, $this->forms, true);

        return $isFitted && $isOnForm ? FormRoom::of($this->shapes[$line->belongs->to]) : null;
    }

    /** Hash of everything a line's size and shape depend on: its settings, except those that only move or treat it, and its surroundings. */
    public function digest(Line $line): string
    {
        $own = [$line->film, $line->lettering, $line->size, $line->place, $line->follows, $line->fills];
        $font = $this->typeCase->file($line->lettering->font);
        $shapes = \array_map(
            static fn (Region $shape): array => $shape->rings(),
            \array_intersect_key($this->shapes, \array_flip([$line->follows->outline->shape, $line->fills->shape()])),
        );
        $ring = FollowPath::Ring === $line->follows->path ? [$this->ringLeader($line), $this->ringPartner($line)] : [];

        return \hash(
            'xxh128',
            \serialize([
                $own,
                null === $font ? null : [$font, \filemtime($font), \filesize($font)],
                $this->area,
                SizeBy::Area === $line->size->by ? [$this->room($line), $this->formRoom($line)?->region->rings()] : null,
                $this->brim,
                $this->brimX,
                $this->brimY,
                $shapes,
                $ring,
            ]),
        );
    }

    /** @throws FontException */
    public function font(Line $line): Font
    {
        return $this->typeCase->font($line->lettering->font);
    }

    /** Whether the letters of a line should join: as set, or as usual for its font. */
    public function joins(Line $line): bool
    {
        return match ($line->lettering->joins) {
            Joins::Join => true,
            Joins::Apart => false,
            Joins::Auto => $this->typeCase->entry($line->lettering->font)?->facts->isJoining() ?? false,
        };
    }

    /** The line whose ring a line shares; possibly itself. */
    public function ringLeader(Line $line): Line
    {
        $leader = $this->design->line($line->follows->ring->with);

        return null !== $leader && FollowPath::Ring === $leader->follows->path && '' === $leader->follows->ring->with ? $leader : $line;
    }

    /** The other visible line on the same ring, if any. */
    public function ringPartner(Line $line): ?Line
    {
        $leader = $this->ringLeader($line);
        foreach ($this->design->lines as $other) {
            if (
                $other !== $line
                && !$other->hidden
                && '' !== \trim($other->lettering->words)
                && FollowPath::Ring === $other->follows->path
                && $this->ringLeader($other) === $leader
            ) {
                return $other;
            }
        }

        return null;
    }
}
