<?php

declare(strict_types=1);

namespace Uvret\Design;

/** What the face of a film is like; what films of it can carry and hold follows from it. */
enum Finish: string
{
    case Smooth = 'smooth';
    case Glitter = 'glitter';
    case Flock = 'flock';
    case Metallic = 'metallic';
    case Reflective = 'reflective';
    case Stretch = 'stretch';
    case Puff = 'puff';
    case Patterned = 'patterned';

    /** Whether another film holds on it. */
    public function carries(): bool
    {
        return !\in_array($this, [self::Glitter, self::Flock, self::Puff], true);
    }

    /** Whether it must be pressed after all others, since more heat would spoil it. */
    public function comesLast(): bool
    {
        return self::Puff === $this;
    }

    /** How far films of it go along with a fabric that stretches, before they crack. */
    public function stretch(): Stretch
    {
        return match ($this) {
            self::Stretch => Stretch::Much,
            self::Smooth => Stretch::Some,
            default => Stretch::None,
        };
    }

    public function isSmooth(): bool
    {
        return \in_array($this, [self::Smooth, self::Metallic, self::Reflective, self::Stretch, self::Patterned], true);
    }
}
