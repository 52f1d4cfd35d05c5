<?php

declare(strict_types=1);

namespace App\Keeper;

use App\Support\Database\Platform;
use App\Support\Files\Store;
use Doctrine\DBAL\Connection;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Filesystem\Path;

/**
 * Copies an installation while it runs, and puts it back. A copy is a folder: the database, the recordings, and a list of what is in
 * them by which it can be checked.
 */
final readonly class Backups
{
    private const RECORDINGS = 'recordings';
    private const LIST = 'backup.json';

    private DatabaseCopies $copies;

    public function __construct(private Connection $database, private Store $recordings, private Filesystem $files = new Filesystem())
    {
        $this->copies = match (Platform::ofConnection($database)) {
            Platform::Sqlite => new SqliteCopies($database),
            Platform::PostgreSql => new PostgreSqlCopies($database),
        };
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
        $rows = $this->copies->dump($folder.'/'.$this->copies->name());
        foreach ($this->recordings->names() as $name) {
            $this->recordings->fetch($name, $folder.'/'.self::RECORDINGS.'/'.$name);
        }
        $list = ['rows' => $rows, 'files' => self::hashes($folder)];
        $this->files->dumpFile($folder.'/'.self::LIST, json_encode($list, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT)."\n");
        $this->tryOut($folder);

        return $rows;
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
        $this->copies->putBack($folder.'/'.$this->copies->name());
        foreach (glob($folder.'/'.self::RECORDINGS.'/*') ?: [] as $path) {
            $this->recordings->put(basename($path), $path);
        }

        return $rows;
    }

    /** @return bool whether anything is there that a restored copy would take the place of */
    public function hasData(): bool
    {
        return Rows::hasData($this->database);
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
        if (!is_file($folder.'/'.$this->copies->name())) {
            throw new BackupFailed($folder.' is a copy of another kind of database: jurvex:restore it there, then jurvex:move.');
        }
        $rows = $this->copies->tryOut($folder.'/'.$this->copies->name());

        return $rows === $list['rows'] ? $rows : throw new BackupFailed('What comes out of '.$folder.' is not what went in.');
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
