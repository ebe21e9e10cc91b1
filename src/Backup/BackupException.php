<?php

declare(strict_types=1);

namespace Uvret\App\Backup;

/** A backup that can't be made or restored, with the reason. */
final class BackupException extends \RuntimeException
{
    public static function notWritten(string $file): self
    {
        return new self("The backup can’t be written to $file. Choose another place with enough room.");
    }

    public static function noBackup(string $file): self
    {
        return new self("$file is no backup of a shop. Choose a file that uvret:backup made. Nothing was changed.");
    }

    public static function damaged(string $part): self
    {
        return new self("The backup is damaged: $part is not as it was written. Choose another one. Nothing was changed.");
    }

    public static function newer(): self
    {
        return new self('The backup was made by a newer Uvret. Update this one first. Nothing was changed.');
    }

    public static function notBroughtBack(string $why): self
    {
        return new self("The backup can’t be brought back: $why Nothing was changed.");
    }
}
