<?php

declare(strict_types=1);

namespace Uvret\App\EventListener;

/** SQLite errors by result code, with what to do about them. */
enum StorageTrouble: int
{
    case Busy = 5;
    case Locked = 6;
    case ReadOnly = 8;
    case Disk = 10;
    case Damaged = 11;
    case Full = 13;
    case NotThere = 14;

    /** The storage error behind an exception, if any; the database layers wrap it more than once, and the rollback may fail, too. */
    public static function behind(?\Throwable $e): ?self
    {
        for (; null !== $e; $e = $e->getPrevious()) {
            // PDO gives SQLite's own code second, extended ones in its higher bits.
            $code = $e instanceof \PDOException ? $e->errorInfo[1] ?? null : null;
            $trouble = \is_int($code) ? self::tryFrom($code & 0xFF) : null;
            if (null !== $trouble) {
                return $trouble;
            }
        }

        return null;
    }

    public function advice(): string
    {
        return match ($this) {
            self::Full => 'The disk with the shop’s data is full, so this is not saved yet. '
                .'Free some space on it; what you typed is kept on this page and saved as soon as there is room.',
            self::ReadOnly => 'The shop’s data may not be written, so this is not saved yet. '
                .'Allow it (the file and its folder); what you typed is kept on this page.',
            self::Busy, self::Locked => 'The shop’s data is in use by another program, so this is not saved yet. It is tried again by itself.',
            self::Disk, self::NotThere => 'The disk with the shop’s data can’t be read or written (it may be full). '
                .'Look after it; what you typed is kept on this page.',
            self::Damaged => 'The file with the shop’s data is damaged. Stop Uvret and bring back the latest backup (uvret:restore).',
        };
    }
}
