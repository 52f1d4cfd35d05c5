<?php

declare(strict_types=1);

namespace App\Keeper;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Symfony\Component\Filesystem\Filesystem;

/** A SQLite database as a file that is itself one. */
final readonly class SqliteCopies implements DatabaseCopies
{
    public function __construct(private Connection $database, private Filesystem $files = new Filesystem())
    {
    }

    public function name(): string
    {
        return 'jurvex.db';
    }

    public function dump(string $file): array
    {
        $this->database->executeStatement('VACUUM INTO ?', [$file]);
        $this->files->chmod($file, 0o600);
        $copy = DriverManager::getConnection(['driver' => 'pdo_sqlite', 'path' => $file]);
        foreach (self::PASSING as $table) {
            $copy->executeStatement('DELETE FROM '.$table);
        }
        $copy->executeStatement('VACUUM');
        $copy->close();

        return self::rowsOf($file);
    }

    public function tryOut(string $file): array
    {
        $scratch = sys_get_temp_dir().'/jurvex-backup-'.bin2hex(random_bytes(6));
        try {
            $this->place($file, $scratch.'/'.$this->name());

            return self::rowsOf($scratch.'/'.$this->name());
        } finally {
            $this->files->remove($scratch);
        }
    }

    public function putBack(string $file): void
    {
        $path = $this->database->getParams()['path'] ?? throw new BackupFailed('The database is no SQLite file.');
        $this->database->close();
        $this->place($file, $path);
    }

    private function place(string $file, string $path): void
    {
        $this->files->mkdir(\dirname($path), 0o700);
        $this->files->copy($file, $path.'.new', true);
        $this->files->chmod($path.'.new', 0o600);
        // Its write-ahead log belongs to the one before.
        $this->files->remove([$path.'-wal', $path.'-shm']);
        $this->files->rename($path.'.new', $path, true);
    }

    /** @return array<string, int> */
    private static function rowsOf(string $path): array
    {
        $copy = DriverManager::getConnection(['driver' => 'pdo_sqlite', 'path' => $path]);
        if ('ok' !== $copy->fetchOne('PRAGMA integrity_check')) {
            throw new BackupFailed($path.' is no whole database.');
        }
        $rows = Rows::in($copy);
        $copy->close();

        return $rows;
    }
}
