<?php

declare(strict_types=1);

namespace App\Tests;

use App\Support\Database\Platform;
use Doctrine\DBAL\Connection;

/** The tests' database with the demo data, and copies of it for servers of their own: files, or databases of one PostgreSQL. */
final readonly class TestDatabase
{
    private const FILE = __DIR__.'/../var/data/test.db';
    /** The database that is copied: nobody is ever connected to it. */
    private const WHOLE = 'jurvex_whole';

    private function __construct(public string $url)
    {
    }

    public static function isShared(): bool
    {
        return Platform::PostgreSql === Platform::of(self::given());
    }

    /** Filled once; each test takes back what it changed. */
    public static function prepare(): void
    {
        $isThere = self::isShared()
            ? false !== self::keeper()->fetchOne('SELECT 1 FROM pg_database WHERE datname = ?', [self::WHOLE])
            : is_file(self::FILE);
        if ($isThere) {
            return;
        }
        $commands = ['cache:clear', 'cache:clear --no-debug', 'doctrine:migrations:migrate --no-interaction', 'jurvex:demo:load'];
        foreach ($commands as $command) {
            passthru('APP_ENV=test php '.escapeshellarg(\dirname(__DIR__).'/bin/console').' '.$command.' --quiet', $status);
            0 === $status || exit($status);
        }
        if (self::isShared()) {
            self::keeper()->executeStatement('CREATE DATABASE '.self::WHOLE.' TEMPLATE '.self::nameIn(self::given()));
        }
    }

    public static function copy(string $name): self
    {
        $copy = self::named($name);
        $copy->remove();
        if (self::isShared()) {
            self::keeper()->executeStatement('CREATE DATABASE '.$name.' TEMPLATE '.self::WHOLE);
        } else {
            copy(self::FILE, $copy->path());
        }

        return $copy;
    }

    /** One without any table. */
    public static function blank(string $name): self
    {
        $blank = self::named($name);
        $blank->remove();
        if (self::isShared()) {
            self::keeper()->executeStatement('CREATE DATABASE '.$name.' TEMPLATE template0');
        }

        return $blank;
    }

    /** A file without any table, whatever the tests stand on. */
    public static function file(string $name): self
    {
        $file = new self('sqlite:///'.\dirname(self::FILE).'/'.$name.(self::isShared() ? '-beside' : '').'.db');
        $file->remove();

        return $file;
    }

    public function remove(): void
    {
        if (Platform::PostgreSql === Platform::of($this->url)) {
            self::keeper()->executeStatement('DROP DATABASE IF EXISTS '.self::nameIn($this->url).' WITH (FORCE)');
        } else {
            array_map(unlink(...), glob($this->path().'*') ?: []);
        }
    }

    public function connection(): Connection
    {
        return Platform::connect($this->url);
    }

    public function count(string $table): int
    {
        $count = $this->connection()->fetchOne('SELECT COUNT(*) FROM '.$table);

        return is_numeric($count) ? (int) $count : 0;
    }

    private static function named(string $name): self
    {
        return new self(self::isShared()
            ? (string) preg_replace('~(://[^/]*/)[^?]*~', '$1'.$name, self::given())
            : 'sqlite:///'.\dirname(self::FILE).'/'.$name.'.db');
    }

    private function path(): string
    {
        return substr($this->url, \strlen('sqlite:///'));
    }

    private static function given(): string
    {
        return \is_string($_SERVER['DATABASE_URL'] ?? null) ? $_SERVER['DATABASE_URL'] : '';
    }

    private static function nameIn(string $url): string
    {
        return basename((string) parse_url($url, \PHP_URL_PATH));
    }

    private static function keeper(): Connection
    {
        return Platform::connect((string) preg_replace('~(://[^/]*/)[^?]*~', '$1postgres', self::given()));
    }
}
