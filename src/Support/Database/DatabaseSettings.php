<?php

declare(strict_types=1);

namespace App\Support\Database;

use Symfony\Component\DependencyInjection\EnvVarProcessorInterface;

/**
 * What follows from where the data is kept: `%env(migrations:DATABASE_URL)%` is the folder of the migrations that are written for that
 * database, `%env(lock:DATABASE_URL)%` keeps turns where all that share the data see them.
 */
final readonly class DatabaseSettings implements EnvVarProcessorInterface
{
    public function getEnv(string $prefix, string $name, \Closure $getEnv): string
    {
        $url = $getEnv($name);
        \assert(\is_string($url));
        $isShared = Platform::PostgreSql === Platform::of($url);

        return match ($prefix) {
            'migrations' => $isShared ? 'migrations/postgresql' : 'migrations',
            // Given back by the database itself when a server dies.
            default => $isShared ? (string) preg_replace('~^[^:]+~', 'postgresql+advisory', $url) : 'flock',
        };
    }

    public static function getProvidedTypes(): array
    {
        return ['migrations' => 'string', 'lock' => 'string'];
    }
}
