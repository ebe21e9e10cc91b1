<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Uvret\Design\DesignReader;
use Uvret\Plan\Plan;
use Uvret\Plan\Planner;

/** Stored documents to plans. */
final readonly class Drafting
{
    public function __construct(
        private DesignReader $reader,
        private Planner $planner,
    ) {
    }

    public function plan(string $document): Plan
    {
        return $this->planner->plan($this->reader->fromJson($document));
    }

    public function planOf(object $document): Plan
    {
        return $this->planner->plan($this->reader->fromDocument($document));
    }

    public function decode(string $document): object
    {
        $object = \json_decode($document, false, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_object($object));

        return $object;
    }

    public function encode(object $document): string
    {
        return \json_encode($document, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
    }
}
