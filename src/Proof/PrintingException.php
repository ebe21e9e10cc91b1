<?php

declare(strict_types=1);

namespace Uvret\App\Proof;

/** A proof that could not be exported. */
final class PrintingException extends \RuntimeException
{
    public static function failed(string $why): self
    {
        return new self('The proof could not be made: '.\trim($why).' Run bin/start again; it installs what is missing.');
    }
}
