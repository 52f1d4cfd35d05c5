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

    /** @return non-empty-list<string> what stands behind "NAME: " in its lines */
    public static function under(string $name, string $file): array
    {
        $lines = array_filter(self::of($file), static fn (string $line) => str_starts_with($line, $name.': '));
        $said = array_values(array_map(static fn (string $line) => substr($line, \strlen($name) + 2), $lines));

        return $said ?: throw new \LogicException($file.' says nothing of '.$name.'.');
    }
}
