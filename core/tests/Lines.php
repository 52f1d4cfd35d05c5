<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests;

/** Fixtures of a saying a line; what begins with "#" says what the file is about. */
final class Lines
{
    /** @return non-empty-list<string> */
    public static function of(string $file): array
    {
        $lines = file(__DIR__.'/fixtures/'.$file, \FILE_IGNORE_NEW_LINES) ?: [];
        $lines = array_values(array_filter($lines, static fn (string $line) => !str_starts_with($line, '#')));

        return $lines ?: throw new \LogicException($file.' says nothing.');
    }
}
