<?php

declare(strict_types=1);

namespace Uvret\Design\Upgrade;

use Uvret\Design\DesignException;

/** Documents of earlier versions to the present one, step by step, before the schema looks at them. */
final class Upgrades
{
    public const LATEST = 3;

    /**
     * @param mixed $document decoded JSON, objects as stdClass; it is changed in place
     *
     * @throws DesignException if it is of a later version than is known here
     */
    public static function apply(mixed $document): void
    {
        // What has no version is no document: the schema says so.
        if (!$document instanceof \stdClass || !\is_int($document->uvret ?? null)) {
            return;
        }
        if ($document->uvret > self::LATEST) {
            throw DesignException::newer($document->uvret, self::LATEST);
        }
        foreach (self::steps() as $from => $step) {
            if ($document->uvret === $from) {
                $step->apply($document);
                $document->uvret = $from + 1;
            }
        }
    }

    /** @return array<int, Step> by the version that they start from */
    private static function steps(): array
    {
        return [1 => new GroupedCards(), 2 => new DepthByFilm()];
    }
}
