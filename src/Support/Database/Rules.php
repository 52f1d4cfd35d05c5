<?php

declare(strict_types=1);

namespace App\Support\Database;

use Doctrine\DBAL\Connection;

/** Fills tables that point to each other in any order: what points where is checked when all is there, and nothing stays if it fails. */
final readonly class Rules
{
    /**
     * @template T
     *
     * @param \Closure(): T $fill
     *
     * @return T
     *
     * @throws \RuntimeException where something points to what is not there
     */
    public static function without(Connection $database, \Closure $fill): mixed
    {
        return Platform::PostgreSql === Platform::ofConnection($database)
            ? self::ofPostgreSql($database, $fill) : self::ofSqlite($database, $fill);
    }

    /**
     * @template T
     *
     * @param \Closure(): T $fill
     *
     * @return T
     */
    private static function ofPostgreSql(Connection $database, \Closure $fill): mixed
    {
        return $database->transactional(static function () use ($database, $fill): mixed {
            $rules = $database->fetchAllNumeric(
                "SELECT conrelid::regclass::text, conname, pg_get_constraintdef(oid) FROM pg_constraint WHERE contype = 'f'"
                    .' AND connamespace = current_schema()::regnamespace',
            );
            foreach ($rules as [$table, $name]) {
                $database->executeStatement(\sprintf('ALTER TABLE %s DROP CONSTRAINT %s', self::word($table), self::word($name)));
            }
            $filled = $fill();
            foreach ($rules as [$table, $name, $rule]) {
                $database->executeStatement(
                    \sprintf('ALTER TABLE %s ADD CONSTRAINT %s %s', self::word($table), self::word($name), self::word($rule)),
                );
            }
            // What numbers its rows goes on behind those that came with their numbers.
            $numbered = $database->fetchAllKeyValue(
                'SELECT table_name, column_name FROM information_schema.columns'
                    ." WHERE is_identity = 'YES' AND table_schema = current_schema()",
            );
            foreach ($numbered as $table => $column) {
                $database->executeStatement(\sprintf(
                    "SELECT setval(pg_get_serial_sequence('%s', '%s'), (SELECT COALESCE(MAX(%2\$s), 0) + 1 FROM %1\$s), false)",
                    $table, self::word($column),
                ));
            }

            return $filled;
        });
    }

    /**
     * @template T
     *
     * @param \Closure(): T $fill
     *
     * @return T
     */
    private static function ofSqlite(Connection $database, \Closure $fill): mixed
    {
        $database->executeStatement('PRAGMA foreign_keys = OFF');

        return $database->transactional(static function () use ($database, $fill): mixed {
            $filled = $fill();
            if ([] !== $database->fetchAllNumeric('PRAGMA foreign_key_check')) {
                throw new \RuntimeException('Something points to what is not there.');
            }

            return $filled;
        });
    }

    private static function word(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
