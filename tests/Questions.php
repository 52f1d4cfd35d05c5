<?php

declare(strict_types=1);

namespace App\Tests;

use Psr\Log\AbstractLogger;

/** Counts what the database is asked. */
final class Questions extends AbstractLogger
{
    public static int $asked = 0;

    /** @param array<mixed> $context */
    public function log($level, string|\Stringable $message, array $context = []): void
    {
        self::$asked += str_starts_with((string) $message, 'Executing') ? 1 : 0;
    }
}
