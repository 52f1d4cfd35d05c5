<?php

declare(strict_types=1);

namespace App\Keeper;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Exception as DatabaseException;
use Symfony\Component\Process\Process;

/** A PostgreSQL database by its own pg_dump and pg_restore. Trying out makes a database beside it: its user must be allowed to. */
final readonly class PostgreSqlCopies implements DatabaseCopies
{
    private const LONGEST_S = 3 * 3600;

    public function __construct(private Connection $database)
    {
    }

    public function name(): string
    {
        return 'jurvex.dump';
    }

    public function dump(string $file): array
    {
        $this->database->beginTransaction();
        try {
            $this->database->executeStatement('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ READ ONLY');
            $moment = $this->database->fetchOne('SELECT pg_export_snapshot()');
            \assert(\is_string($moment));
            $rows = Rows::in($this->database);
            $passing = array_map(static fn (string $table) => '--exclude-table-data='.$table, self::PASSING);
            touch($file);
            chmod($file, 0o600);
            $this->run(
                'pg_dump', '--format=custom', '--no-owner', '--no-acl', '--snapshot='.$moment, '--file='.$file,
                '--dbname='.$this->named(null), ...$passing,
            );
        } finally {
            $this->database->rollBack();
        }

        return $rows;
    }

    public function tryOut(string $file): array
    {
        $name = 'jurvex_tried_'.bin2hex(random_bytes(6));
        try {
            $this->database->executeStatement('CREATE DATABASE '.$name.' TEMPLATE template0');
        } catch (DatabaseException $refused) {
            throw new BackupFailed('No database could be made to try the copy out in: '.$refused->getMessage(), previous: $refused);
        }
        try {
            $this->restore($file, $name);
            $scratch = DriverManager::getConnection(['dbname' => $name] + $this->database->getParams());
            $rows = Rows::in($scratch);
            $scratch->close();

            return $rows;
        } finally {
            $this->database->executeStatement('DROP DATABASE '.$name.' WITH (FORCE)');
        }
    }

    public function putBack(string $file): void
    {
        $this->restore($file, null, '--clean', '--if-exists');
    }

    private function restore(string $file, ?string $name, string ...$options): void
    {
        $this->run(
            'pg_restore', '--exit-on-error', '--single-transaction', '--no-owner', '--no-acl', '--dbname='.$this->named($name), ...$options,
            ...[$file],
        );
    }

    /** The way to a database of the server, by its own if none is named; the password goes another way. */
    private function named(?string $name): string
    {
        $params = $this->database->getParams();
        $parts = ['host' => $params['host'] ?? '', 'port' => $params['port'] ?? '', 'user' => $params['user'] ?? '',
            'dbname' => $name ?? $params['dbname'] ?? ''];
        $words = [];
        foreach (array_filter($parts) as $key => $value) {
            $words[] = $key."='".addcslashes((string) $value, "'\\")."'";
        }

        return implode(' ', $words);
    }

    private function run(string ...$command): void
    {
        $process = new Process(
            array_values($command), env: ['PGPASSWORD' => $this->database->getParams()['password'] ?? null], timeout: self::LONGEST_S,
        );
        $process->run();
        if (!$process->isSuccessful()) {
            throw new BackupFailed($command[0].': '.trim($process->getErrorOutput()));
        }
    }
}
