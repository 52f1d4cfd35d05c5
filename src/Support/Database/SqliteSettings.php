<?php

declare(strict_types=1);

namespace App\Support\Database;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Opens every connection to SQLite with a write-ahead log that is on disk before an entry is acknowledged, with foreign keys, and
 * with patience for another writer. Innermost of the middlewares, so that it acts before any transaction.
 */
#[AsMiddleware(priority: 200)]
final class SqliteSettings implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $connection = parent::connect($params);
                if ('pdo_sqlite' === ($params['driver'] ?? '')) {
                    $connection->exec(
                        'PRAGMA busy_timeout = 8000; PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; PRAGMA foreign_keys = ON',
                    );
                }

                return $connection;
            }
        };
    }
}
