<?php

declare(strict_types=1);

namespace Uvret\App\Jobs;

/** The lists that jobs are in. */
enum JobList: string
{
    case Rail = 'rail';
    case Done = 'done';
    case Archived = 'archived';

    /** Which rows of the table job are in it. */
    public function condition(): string
    {
        return match ($this) {
            self::Rail => "archived_at IS NULL AND state <> 'done'",
            self::Done => "archived_at IS NULL AND state = 'done'",
            self::Archived => 'archived_at IS NOT NULL',
        };
    }

    /** The next due first on the rail, the latest first elsewhere. */
    public function order(): string
    {
        return self::Rail === $this ? 'ASC' : 'DESC';
    }
}
