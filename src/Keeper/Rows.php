<?php

declare(strict_types=1);

namespace App\Keeper;

use Doctrine\DBAL\Connection;

/** Counts what is in a database. */
final readonly class Rows
{
    /** Whether anything is there that must not be lost. */
    public static function hasData(Connection $database): bool
    {
        return \in_array('firm', $database->createSchemaManager()->listTableNames(), true)
            && false !== $database->fetchOne('SELECT 1 FROM firm LIMIT 1');
    }

    /** @return array<string, int> by table, in order; what passes left out */
    public static function in(Connection $database): array
    {
        $rows = [];
        // The index of what was said is known to no schema, and in SQLite has tables of its own beside it.
        $tables = array_filter(
            array_diff($database->createSchemaManager()->listTableNames(), DatabaseCopies::PASSING),
            static fn (string $table) => !str_starts_with($table, MovedTable::WORDS),
        );
        foreach ([...$tables, MovedTable::WORDS] as $table) {
            $count = $database->fetchOne('SELECT COUNT(*) FROM '.$database->quoteIdentifier($table));
            $rows[$table] = is_numeric($count) ? (int) $count : 0;
        }
        ksort($rows);

        return $rows;
    }
}
