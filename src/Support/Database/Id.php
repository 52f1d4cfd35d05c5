<?php

declare(strict_types=1);

namespace App\Support\Database;

use Symfony\Component\Uid\Uuid;

/** Identifiers are UUIDv7, made by whoever makes the entry. */
final class Id
{
    public const PATTERN = '[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}';

    /** Stands for an entry that is not made yet, on a page that is fetched ahead of it; nothing is stored under it. */
    public const AHEAD = '00000000-0000-7000-8000-000000000000';

    /** The same for the same content: what is taken in twice is there once. */
    public static function of(\DateTimeImmutable $at, string $content): string
    {
        $time = str_pad(dechex(max(0, (int) $at->format('Uv'))), 12, '0', \STR_PAD_LEFT);
        $hash = hash('sha256', $content);

        return \sprintf(
            '%s-%s-7%s-%x%s-%s', substr($time, 0, 8), substr($time, 8, 4), substr($hash, 0, 3), 8 + hexdec($hash[3]) % 4,
            substr($hash, 4, 3), substr($hash, 7, 12),
        );
    }

    public static function fresh(): string
    {
        return Uuid::v7()->toRfc4122();
    }
}
