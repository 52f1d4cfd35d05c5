<?php

declare(strict_types=1);

namespace App\Keeper;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Filesystem\Path;

/**
 * Copies an installation while it runs, and puts it back. A copy is a folder: the database, the recordings, and a list of what is in
 * them by which it can be checked.
 */
final readonly class Backups
{
    private const DATABASE = 'jurvex.db';
    private const RECORDINGS = 'recordings';
    private const LIST = 'backup.json';

    public function __construct(private Connection $database, private string $projectDir, private Filesystem $files = new Filesystem())
    {
    }

    /**
     * @param string $folder which must not be there yet
     *
     * @return array<string, int> rows by table
     *
     * @throws BackupFailed
     */
    public function make(string $folder): array
    {
        if ($this->files->exists($folder)) {
            throw new BackupFailed($folder.' is there already.');
        }
        $this->files->mkdir($folder, 0o700);
        // One moment of the database, whatever is written meanwhile.
        $this->database->executeStatement('VACUUM INTO ?', [$folder.'/'.self::DATABASE]);
        $this->files->chmod($folder.'/'.self::DATABASE, 0o600);
        if (is_dir($this->recordings())) {
            $this->files->mirror($this->recordings(), $folder.'/'.self::RECORDINGS);
        }
        $list = ['rows' => self::rows($folder.'/'.self::DATABASE), 'files' => self::hashes($folder)];
        $this->files->dumpFile($folder.'/'.self::LIST, json_encode($list, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT)."\n");
        $this->tryOut($folder);

        return $list['rows'];
    }

    /**
     * Puts a copy in the place of this installation's data. The server must not run meanwhile.
     *
     * @return array<string, int> rows by table
     *
     * @throws BackupFailed before anything was changed
     */
    public function restore(string $folder): array
    {
        $rows = $this->tryOut($folder);
        $path = $this->database->getParams()['path'] ?? throw new BackupFailed('The database is no SQLite file.');
        $this->database->close();
        $this->putBack($folder, $path, $this->recordings());

        return $rows;
    }

    /** @return bool whether anything is there that a restored copy would take the place of */
    public function hasData(): bool
    {
        return [] !== $this->database->createSchemaManager()->listTableNames()
            && false !== $this->database->fetchOne('SELECT 1 FROM firm LIMIT 1');
    }

    /**
     * Restores a copy into a scratch place and counts what is there.
     *
     * @return array<string, int> rows by table
     *
     * @throws BackupFailed
     */
    private function tryOut(string $folder): array
    {
        $list = is_file($folder.'/'.self::LIST) ? json_decode((string) file_get_contents($folder.'/'.self::LIST), true) : null;
        if (!\is_array($list) || !\is_array($list['rows'] ?? null) || !\is_array($list['files'] ?? null)) {
            throw new BackupFailed($folder.' is no backup: it has no '.self::LIST.'.');
        }
        if (self::hashes($folder) !== $list['files']) {
            throw new BackupFailed('The files of '.$folder.' are not those that were copied.');
        }
        $scratch = sys_get_temp_dir().'/jurvex-backup-'.bin2hex(random_bytes(6));
        try {
            $this->putBack($folder, $scratch.'/'.self::DATABASE, $scratch.'/'.self::RECORDINGS);
            $rows = self::rows($scratch.'/'.self::DATABASE);
        } finally {
            $this->files->remove($scratch);
        }

        return $rows === $list['rows'] ? $rows : throw new BackupFailed('What comes out of '.$folder.' is not what went in.');
    }

    private function putBack(string $folder, string $database, string $recordings): void
    {
        $this->files->mkdir([\dirname($database), $recordings], 0o700);
        $this->files->copy($folder.'/'.self::DATABASE, $database.'.new', true);
        $this->files->chmod($database.'.new', 0o600);
        // Its write-ahead log belongs to the one before.
        $this->files->remove([$database.'-wal', $database.'-shm']);
        $this->files->rename($database.'.new', $database, true);
        if (is_dir($folder.'/'.self::RECORDINGS)) {
            $this->files->mirror($folder.'/'.self::RECORDINGS, $recordings, options: ['override' => true]);
        }
    }

    private function recordings(): string
    {
        return $this->projectDir.'/var/data/recordings';
    }

    /**
     * @return array<string, int> by table
     *
     * @throws BackupFailed for a file that is no whole database
     */
    private static function rows(string $path): array
    {
        $copy = DriverManager::getConnection(['driver' => 'pdo_sqlite', 'path' => $path]);
        if ('ok' !== $copy->fetchOne('PRAGMA integrity_check')) {
            throw new BackupFailed($path.' is no whole database.');
        }
        $rows = [];
        foreach ($copy->createSchemaManager()->listTableNames() as $table) {
            $count = $copy->fetchOne('SELECT COUNT(*) FROM '.$copy->quoteIdentifier($table));
            $rows[$table] = is_numeric($count) ? (int) $count : 0;
        }
        ksort($rows);
        $copy->close();

        return $rows;
    }

    /** @return array<string, string> by file, the list itself left out */
    private static function hashes(string $folder): array
    {
        $hashes = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            $name = Path::makeRelative($file->getPathname(), $folder);
            if (self::LIST !== $name) {
                $hashes[$name] = (string) hash_file('sha256', $file->getPathname());
            }
        }
        ksort($hashes);

        return $hashes;
    }
}
