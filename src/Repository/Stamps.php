<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\DBAL\Connection;

/** Short texts that change with every change, cheap enough for open pages to poll. */
final readonly class Stamps
{
    public function __construct(private Connection $connection)
    {
    }

    /** Of all jobs and their designs. */
    public function ofShop(): string
    {
        return $this->of(
            'SELECT (SELECT count(*) || \'.\' || coalesce(sum(version), 0) FROM job)
             || \'.\' || (SELECT count(*) || \'.\' || coalesce(sum(version), 0) FROM job_design)
             || \'.\' || (SELECT count(*) || \'.\' || coalesce(max(at), \'\') FROM person_progress)',
        );
    }

    /** Of one design; empty if there is none. */
    public function ofDesign(string $id): string
    {
        return $this->of('SELECT version FROM job_design WHERE id = ? AND removed_at IS NULL', $id);
    }

    private function of(string $query, string ...$values): string
    {
        $value = $this->connection->fetchOne($query, \array_values($values));

        return \is_scalar($value) && false !== $value ? (string) $value : '';
    }
}
