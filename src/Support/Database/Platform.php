<?php

declare(strict_types=1);

namespace App\Support\Database;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Platforms\PostgreSQLPlatform;
use Doctrine\DBAL\Tools\DsnParser;

/** What keeps the data: one file for one server, or a server that many application servers share. */
enum Platform: string
{
    case Sqlite = 'sqlite';
    case PostgreSql = 'postgresql';

    /** @param string $url as DATABASE_URL */
    public static function of(string $url): self
    {
        return 1 === preg_match('~^(postgres|postgresql|pgsql|pdo-pgsql)://~', $url) ? self::PostgreSql : self::Sqlite;
    }

    /** A connection of its own, as jurvex:move and the tests have one beside the application's. */
    public static function connect(string $url): Connection
    {
        return DriverManager::getConnection((new DsnParser(['sqlite' => 'pdo_sqlite', 'postgresql' => 'pdo_pgsql']))->parse($url));
    }

    public static function ofConnection(Connection $connection): self
    {
        return $connection->getDatabasePlatform() instanceof PostgreSQLPlatform ? self::PostgreSql : self::Sqlite;
    }
}
