<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests;

use PHPUnit\Framework\Assert;

/**
 * Results that were looked at once and stay as they were: for what has no closed form, like a drawing or a line of chance.
 * Where a change means to alter them, `KEEP=1 vendor/bin/phpunit --testsuite core` writes them anew; look at them again.
 */
final class Kept
{
    private const FOLDER = __DIR__.'/fixtures/kept/';
    private const DECIMALS = 4;

    /** @param array<int|string, mixed> $results by what each is of */
    public static function assertSame(string $name, array $results): void
    {
        $lines = [];
        foreach ($results as $of => $result) {
            $lines[] = json_encode([$of, self::plain($result)], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE);
        }
        if (false !== getenv('KEEP')) {
            file_put_contents(self::FOLDER.$name.'.jsonl', implode("\n", $lines)."\n");
        }
        Assert::assertSame(file(self::FOLDER.$name.'.jsonl', \FILE_IGNORE_NEW_LINES), $lines, $name);
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \BackedEnum => $value->value,
            \is_float($value) => round($value, self::DECIMALS) + 0.0,
            \is_object($value) => self::plain(get_object_vars($value)),
            \is_array($value) => array_map(self::plain(...), $value),
            default => $value,
        };
    }
}
