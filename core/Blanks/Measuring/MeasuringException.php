<?php

declare(strict_types=1);

namespace Uvret\Blanks\Measuring;

/** Impossible measures of a blank. */
final class MeasuringException extends \RuntimeException
{
    private function __construct(
        public readonly string $measure,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function missing(Measure $measure): self
    {
        return new self($measure->name, "{$measure->title} is missing: measure it, and type what the tape says.");
    }

    public static function unlikely(Measure $measure, int $length, int $least, int $most): self
    {
        $mm = static fn (int $micrometres): string => \round($micrometres / 1_000).' mm';

        return new self($measure->name, "{$measure->title} can hardly be {$mm($length)}: such blanks have {$mm($least)} to {$mm($most)}. Measure again.");
    }

    public static function tooSmall(Measure $measure): self
    {
        return new self($measure->name, 'These measures leave no room for lettering. Check them: one must be wrong.');
    }
}
