<?php

declare(strict_types=1);

namespace App\Support\Database;

use Symfony\Component\Uid\Uuid;

/** Identifiers are UUIDv7, made by whoever makes the entry. */
final class Id
{
    public const PATTERN = '[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}';

    public static function fresh(): string
    {
        return Uuid::v7()->toRfc4122();
    }
}
