<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Plan\Planner;

/** Reads stored documents and plans them. */
final readonly class DraftReader
{
    public function __construct(
        private DesignReader $reader,
        private Planner $planner,
    ) {
    }

    /**
     * @param string|object $document as text or decoded; reading it completes it with the defaults
     *
     * @throws DesignException if it is not a design
     */
    public function draft(string|object $document): Draft
    {
        if (\is_string($document)) {
            $document = $this->decode($document);
        }
        \assert($document instanceof \stdClass);
        $plan = $this->planner->plan($this->reader->fromDocument($document));

        return new Draft($document, $plan);
    }

    public function decode(string $document): \stdClass
    {
        $decoded = \json_decode($document, false, 64, \JSON_THROW_ON_ERROR);
        \assert($decoded instanceof \stdClass);

        return $decoded;
    }

    public function encode(object $document): string
    {
        return \json_encode($document, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
    }
}
