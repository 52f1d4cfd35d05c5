<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Run;
use App\Support\Database\Id;
use App\Support\Files\FileError;
use App\Support\Files\RefusedFile;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** Findings as a table: a row each, a column for every measure (metres, or the unit that the row names) and every fact. */
final readonly class FindingsCsv
{
    private const NUMBERS = ['from_m', 'to_m', 'deepest_m', 'size', 'clock_from', 'clock_to'];
    private const TEXTS = ['unit', 'sureness', 'note'];
    private const YES = '1';
    private const MOST_ROWS = 5000;

    public function __construct(private FindingRepository $findings, private EntityManagerInterface $manager)
    {
    }

    /** @return list<string> */
    public static function columns(): array
    {
        return [
            'run', 'id', 'kind', ...self::NUMBERS, ...self::TEXTS, 'at_joint',
            ...array_map(static fn (Fact $fact) => $fact->value, Fact::cases()),
        ];
    }

    /** The findings that count of all the job's runs. */
    public function export(Job $job): string
    {
        $rows = [self::columns()];
        foreach ($job->runs() as $run) {
            foreach ($this->findings->record($run)->findings as $finding) {
                $rows[] = self::row($finding, $run);
            }
        }

        return self::write($rows);
    }

    /**
     * Takes the rows into a run; rows whose identifier is on it already are passed over.
     *
     * @return int how many were new
     *
     * @throws RefusedFile when any row cannot be taken; nothing is stored then
     */
    public function import(string $csv, Run $run, \DateTimeImmutable $now): int
    {
        [$header, $rows] = self::parse($csv);
        $errors = $new = [];
        foreach ($rows as $number => $cells) {
            if (\count($cells) !== \count($header)) {
                $errors[] = new FileError((string) $number, 'csv.cells', ['cells' => \count($cells), 'columns' => \count($header)]);
                continue;
            }
            $cells = array_combine($header, $cells);
            $known = isset($cells['id']) && '' !== $cells['id'] ? $this->findings->find($cells['id']) : null;
            if (null !== $known) {
                if ($known->run !== $run) {
                    $errors[] = new FileError($number.', id', 'csv.other_run');
                }
                continue;
            }
            try {
                $finding = self::finding($cells);
                if (isset($new[$finding->id])) {
                    throw new BadInput('csv.twice', 'id');
                }
                $new[$finding->id] = new LoggedFinding($finding->id, $run, $finding, $now);
            } catch (BadInput $error) {
                $errors[] = new FileError($number.', '.str_replace('facts.', '', $error->at), $error->reason, $error->allowed);
            }
        }
        if ([] !== $errors) {
            throw new RefusedFile($errors);
        }
        array_map($this->manager->persist(...), $new);
        $this->manager->flush();

        return \count($new);
    }

    /** @return list<string> */
    private static function row(Finding $finding, Run $run): array
    {
        $plain = $finding->plain();
        $values = ['run' => $run->id, 'at_joint' => $finding->atJoint ? self::YES : ''] + $plain['facts'] + $plain;

        return array_map(static function (string $column) use ($values): string {
            $value = $values[$column] ?? '';

            return \is_scalar($value) ? (string) $value : '';
        }, self::columns());
    }

    /** @param list<list<string>> $rows */
    private static function write(array $rows): string
    {
        $stream = fopen('php://temp', 'r+');
        \assert(false !== $stream);
        foreach ($rows as $row) {
            fputcsv($stream, $row, ',', '"', '', "\r\n");
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /**
     * @return array{list<string>, array<int, list<string>>} header, and rows by their number in the file
     *
     * @throws RefusedFile
     */
    private static function parse(string $csv): array
    {
        $csv = preg_replace('/^\xEF\xBB\xBF/', '', $csv) ?? '';
        if ('' === trim($csv) || !mb_check_encoding($csv, 'UTF-8')) {
            throw new RefusedFile([new FileError('1', '' === trim($csv) ? 'csv.empty' : 'csv.encoding')]);
        }
        $firstLine = strtok($csv, "\r\n") ?: '';
        $separator = substr_count($firstLine, ';') > substr_count($firstLine, ',') ? ';' : ',';
        $stream = fopen('php://temp', 'r+');
        \assert(false !== $stream);
        fwrite($stream, $csv);
        rewind($stream);
        $rows = [];
        for ($number = 1; false !== $cells = fgetcsv($stream, null, $separator, '"', ''); ++$number) {
            if ([null] !== $cells) {
                $rows[$number] = array_map(static fn (?string $cell) => trim((string) $cell), $cells);
            }
        }
        $first = (int) array_key_first($rows);
        $header = $rows[$first];
        unset($rows[$first]);
        $errors = [];
        foreach (array_diff(['kind', 'from_m'], $header) as $missing) {
            $errors[] = new FileError('1', 'csv.column_missing', ['column' => $missing]);
        }
        foreach (array_diff($header, self::columns()) as $unknown) {
            $errors[] = new FileError('1', 'csv.column_unknown', ['column' => $unknown]);
        }
        if (\count($rows) > self::MOST_ROWS) {
            $errors[] = new FileError((string) self::MOST_ROWS, 'csv.too_many', ['most' => self::MOST_ROWS]);
        }
        if ([] !== $errors) {
            throw new RefusedFile($errors);
        }

        return [$header, $rows];
    }

    /** @param array<string, string> $cells */
    private static function finding(array $cells): Finding
    {
        $given = ['id' => self::id($cells['id'] ?? ''), 'kind' => $cells['kind'], 'at_joint' => self::yes($cells['at_joint'] ?? '')];
        foreach (self::NUMBERS as $column) {
            $given[$column] = self::number($cells[$column] ?? '');
        }
        foreach (self::TEXTS as $column) {
            $given[$column] = $cells[$column] ?? '';
        }
        foreach (Fact::cases() as $fact) {
            $value = $cells[$fact->value] ?? '';
            if ('' !== $value) {
                $given['facts'][$fact->value] = $fact->isNumber() ? self::number($value) : $value;
            }
        }

        return Finding::read(new Input($given));
    }

    private static function id(string $cell): string
    {
        if ('' === $cell) {
            return Id::fresh();
        }

        return preg_match('/^'.Id::PATTERN.'$/', $cell) ? $cell : throw new BadInput('csv.bad_id', 'id');
    }

    private static function yes(string $cell): bool
    {
        return match (mb_strtolower($cell)) {
            '', '0', 'no', 'false' => false,
            self::YES, 'yes', 'true' => true,
            default => throw new BadInput('not_yes_or_no', 'at_joint'),
        };
    }

    /** The cell's number; what is no number is given on as it is, to be refused where it stands. */
    private static function number(string $cell): float|string|null
    {
        $plain = str_replace(',', '.', $cell);

        return '' === $cell ? null : (is_numeric($plain) ? (float) $plain : $cell);
    }
}
