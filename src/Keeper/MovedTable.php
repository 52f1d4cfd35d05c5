<?php

declare(strict_types=1);

namespace App\Keeper;

use App\Support\Database\Platform;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Doctrine\DBAL\Schema\Column;
use Doctrine\DBAL\Types\BooleanType;
use Doctrine\DBAL\Types\FloatType;

/** A table as two kinds of database have it: its rows in pieces, by its key, with values that mean the same in both. */
final readonly class MovedTable
{
    public const WORDS = 'said_words';
    private const PIECE = 500;
    /** No database takes more parameters in one statement. */
    private const MOST_VALUES = 30_000;

    /**
     * @param non-empty-array<string, 'number'|'yes'|'text'> $columns what each holds; the first tells rows apart and can be sorted
     */
    private function __construct(public string $name, private array $columns)
    {
    }

    /** @param array<Column> $columns */
    public static function by(string $name, string $key, array $columns): self
    {
        $kinds = [$key => 'text'];
        foreach ($columns as $column) {
            $kinds[$column->getName()] = match (true) {
                $column->getType() instanceof BooleanType => 'yes',
                $column->getType() instanceof FloatType => 'number',
                default => 'text',
            };
        }

        return new self($name, $kinds);
    }

    /** Where everything that was said is found by its words: an index of its own in one database, a table with one in the other. */
    public static function ofWords(): self
    {
        return new self(self::WORDS, [
            'id' => 'text', 'text' => 'text', 'narrated_id' => 'text', 'job_id' => 'text', 'property_id' => 'text', 'firm_id' => 'text',
            'at_s' => 'number', 'at_m' => 'number',
        ]);
    }

    /** @return \Generator<list<list<string|int|float|bool|null>>> all rows in pieces, in the order of the key */
    public function pieces(Connection $from): \Generator
    {
        $key = $this->quoted($from)[0];
        $sql = 'SELECT '.implode(', ', $this->quoted($from)).' FROM '.$from->quoteIdentifier($this->name)
            .' WHERE %s ORDER BY '.$key.' LIMIT '.self::PIECE;
        $rows = $from->fetchAllNumeric(\sprintf($sql, '1 = 1'));
        while ([] !== $rows) {
            yield array_map($this->meant(...), $rows);
            $rows = $from->fetchAllNumeric(
                \sprintf($sql, $key.' > ?'), [$rows[\count($rows) - 1][0]],
                [\is_int($rows[0][0]) ? ParameterType::INTEGER : ParameterType::STRING],
            );
        }
    }

    /** @param list<list<string|int|float|bool|null>> $rows */
    public function insert(Connection $into, array $rows): void
    {
        $row = '('.implode(', ', array_fill(0, \count($this->columns), '?')).')';
        foreach (array_chunk($rows, max(1, intdiv(self::MOST_VALUES, \count($this->columns)))) as $piece) {
            $values = array_merge(...$piece);
            $into->executeStatement(
                'INSERT INTO '.$into->quoteIdentifier($this->name).' ('.implode(', ', $this->quoted($into)).') VALUES '
                    .implode(', ', array_fill(0, \count($piece), $row)),
                // A driver would round what it is given as a number with a fraction.
                array_map(static fn (mixed $value) => \is_float($value) ? json_encode($value) : $value, $values),
                array_map(static fn (mixed $value) => match (true) {
                    \is_bool($value) => ParameterType::BOOLEAN,
                    \is_int($value) => ParameterType::INTEGER,
                    default => ParameterType::STRING,
                }, $values),
            );
        }
    }

    /**
     * A sum over rows that does not hang on their order.
     *
     * @param list<list<string|int|float|bool|null>> $rows
     */
    public static function sum(array $rows): int
    {
        $sum = 0;
        foreach ($rows as $row) {
            // Six bytes each, so that many of them stay a whole number.
            $sum = ($sum + (int) hexdec(substr(hash('sha256', serialize($row)), 0, 12))) % 0xFFFFFFFFFFFF;
        }

        return $sum;
    }

    /**
     * @param list<mixed> $row
     *
     * @return list<string|int|float|bool|null>
     */
    private function meant(array $row): array
    {
        $meant = [];
        foreach (array_values($this->columns) as $i => $kind) {
            $value = \is_resource($row[$i]) ? stream_get_contents($row[$i]) : $row[$i];
            $meant[] = match (true) {
                null === $value => null,
                'yes' === $kind => (bool) $value,
                'number' === $kind && is_numeric($value) => (float) $value,
                \is_int($value) || \is_string($value) => $value,
                default => throw new \UnexpectedValueException($this->name.' holds a value of a kind that nobody expected.'),
            };
        }

        return $meant;
    }

    /** @return list<string> the key first */
    private function quoted(Connection $for): array
    {
        $columns = array_keys($this->columns);
        // An index of words numbers its rows by itself.
        if (self::WORDS === $this->name && Platform::Sqlite === Platform::ofConnection($for)) {
            $columns[0] = 'rowid';
        }

        return array_map($for->quoteIdentifier(...), $columns);
    }
}
