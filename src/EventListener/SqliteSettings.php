<?php

declare(strict_types=1);

namespace Uvret\App\EventListener;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/** Opens SQLite for several processes, without losing anything reported as saved. */
#[AsMiddleware]
final readonly class SqliteSettings implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $connection = parent::connect($params);
                $connection->exec('PRAGMA busy_timeout = 5000');
                $connection->exec('PRAGMA journal_mode = WAL');
                $connection->exec('PRAGMA synchronous = FULL');
                $connection->exec('PRAGMA foreign_keys = ON');
                // SQLite's own lower() handles a to z only.
                $native = $connection->getNativeConnection();
                \assert($native instanceof \PDO);
                $native->sqliteCreateFunction(
                    'small_letters',
                    static fn (mixed $text): string => \mb_strtolower(\is_string($text) ? $text : ''),
                    1,
                    \PDO::SQLITE_DETERMINISTIC,
                );

                return $connection;
            }
        };
    }
}
