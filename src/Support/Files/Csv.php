<?php

declare(strict_types=1);

namespace App\Support\Files;

/** Tables as CSV (RFC 4180, UTF-8), written so that no spreadsheet takes a cell for a formula, and read back as they were. */
final class Csv
{
    /** What a spreadsheet takes for the beginning of a formula. */
    private const FORMULA = '/^[=+\-@\t\r]/';
    private const LONGEST_ROW = 40_000;

    /** @param iterable<list<string>> $rows */
    public static function write(iterable $rows): string
    {
        $stream = fopen('php://temp', 'r+');
        \assert(false !== $stream);
        foreach ($rows as $row) {
            fputcsv($stream, array_map(self::harmless(...), $row), ',', '"', '', "\r\n");
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /**
     * Reads a table row by row, separated by commas or semicolons; empty rows are passed over.
     *
     * @param resource $stream
     *
     * @return \Generator<int, list<string>> by the row's number in the file, the header first
     *
     * @throws RefusedFile csv.empty, csv.encoding, csv.too_long or csv.too_many, at the row
     */
    public static function read($stream, int $mostRows): \Generator
    {
        $first = (string) fgets($stream, self::LONGEST_ROW);
        $separator = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        rewind($stream);
        if ("\xEF\xBB\xBF" !== fread($stream, 3)) {
            rewind($stream);
        }
        $rows = 0;
        for ($number = 1; false !== $cells = fgetcsv($stream, self::LONGEST_ROW, $separator, '"', ''); ++$number) {
            if ([null] === $cells) {
                continue;
            }
            if (++$rows > $mostRows + 1) {
                throw new RefusedFile([new FileError((string) $mostRows, 'csv.too_many', ['most' => $mostRows])]);
            }
            yield $number => self::cells($cells, $number);
        }
        if (0 === $rows) {
            throw new RefusedFile([new FileError('1', 'csv.empty')]);
        }
    }

    /**
     * @param array<?string> $cells
     *
     * @return list<string>
     */
    private static function cells(array $cells, int $number): array
    {
        $text = implode('', $cells);
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new RefusedFile([new FileError((string) $number, 'csv.encoding')]);
        }
        if (\strlen($text) >= self::LONGEST_ROW - \count($cells)) {
            throw new RefusedFile([new FileError((string) $number, 'csv.too_long')]);
        }

        return array_map(self::asItWas(...), array_values($cells));
    }

    private static function harmless(string $cell): string
    {
        return 1 === preg_match(self::FORMULA, $cell) && !is_numeric($cell) ? "'".$cell : $cell;
    }

    private static function asItWas(?string $cell): string
    {
        $cell = trim((string) $cell);

        return str_starts_with($cell, "'") && 1 === preg_match(self::FORMULA, substr($cell, 1)) ? substr($cell, 1) : $cell;
    }
}
