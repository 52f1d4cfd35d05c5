<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Run;
use App\Support\Database\Id;
use App\Support\Files\Csv;
use App\Support\Files\FileError;
use App\Support\Files\RefusedFile;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/** Findings as a table: a row each, a column for every measure (metres, or the unit that the row names) and every fact. */
final readonly class FindingsCsv
{
    /** Other names of columns, and in what they are. */
    private const LENGTHS = [
        'from_ft' => 'from_m', 'to_ft' => 'to_m', 'deepest_ft' => 'deepest_m', 'distance_m' => 'from_m', 'distance_ft' => 'from_m',
    ];
    private const NUMBERS = ['from_m', 'to_m', 'deepest_m', 'size', 'clock_from', 'clock_to'];
    private const TEXTS = ['unit', 'sureness', 'note'];
    private const YES = '1';
    private const MOST_ROWS = 5000;
    private const MOST_ERRORS = 20;

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

        return Csv::write($rows);
    }

    /**
     * Takes the rows into a run; rows whose identifier is on it already are passed over.
     *
     * @param resource $stream
     *
     * @return int how many were new
     *
     * @throws RefusedFile when any row cannot be taken; nothing is stored then
     */
    public function import($stream, Run $run, \DateTimeImmutable $now): int
    {
        $header = null;
        $errors = $new = $alike = [];
        foreach (Csv::read($stream, self::MOST_ROWS) as $number => $cells) {
            if (null === $header) {
                self::checkHeader($header = $cells);
                continue;
            }
            try {
                $content = implode("\0", $cells);
                $alike[$content] = ($alike[$content] ?? 0) + 1;
                $finding = $this->fresh($header, $cells, $run, Id::of($run->startedAt, $run->id.$content.$alike[$content]));
                if (null === $finding) {
                    continue;
                }
                if (isset($new[$finding->id])) {
                    throw new BadInput('csv.twice', 'id');
                }
                $new[$finding->id] = new LoggedFinding($finding->id, $run, $finding, $now);
            } catch (BadInput $error) {
                $at = '' === $error->at ? '' : ', '.str_replace('facts.', '', $error->at);
                $errors[] = new FileError($number.$at, $error->reason, $error->allowed);
                if (\count($errors) >= self::MOST_ERRORS) {
                    break;
                }
            }
        }
        if ([] !== $errors) {
            throw new RefusedFile($errors);
        }
        array_map($this->manager->persist(...), $new);
        $this->manager->flush();

        return \count($new);
    }

    /**
     * @param list<string> $header
     * @param list<string> $cells
     * @param string $id of a row that names none: taken in twice, it is there once
     *
     * @return ?Finding none for one that is on the run already
     *
     * @throws BadInput
     */
    private function fresh(array $header, array $cells, Run $run, string $id): ?Finding
    {
        if (\count($cells) !== \count($header)) {
            throw new BadInput('csv.cells', '', ['cells' => \count($cells), 'columns' => \count($header)]);
        }
        $row = self::inMetres(array_combine($header, $cells));
        $row['id'] = '' === ($row['id'] ?? '') ? $id : $row['id'];
        $known = $this->findings->find($row['id']);
        if (null === $known) {
            return self::finding($row);
        }

        return $known->run === $run ? null : throw new BadInput('csv.other_run', 'id');
    }

    /**
     * @param array<string, string> $row
     *
     * @return array<string, string> with every length under its own name and in metres
     */
    private static function inMetres(array $row): array
    {
        foreach (array_intersect_key(self::LENGTHS, $row) as $column => $name) {
            $value = self::number($row[$column]);
            $row[$name] = (string) (\is_float($value) && str_ends_with($column, '_ft') ? Length::feet($value)->metres : $value);
            unset($row[$column]);
        }

        return $row;
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

    /**
     * @param list<string> $header
     *
     * @throws RefusedFile
     */
    private static function checkHeader(array $header): void
    {
        $errors = [];
        $names = array_map(static fn (string $column) => self::LENGTHS[$column] ?? $column, $header);
        foreach (array_diff(['kind', 'from_m'], $names) as $missing) {
            $errors[] = new FileError('1', 'csv.column_missing', ['column' => $missing]);
        }
        foreach (array_unique(array_diff_assoc($names, array_unique($names))) as $twice) {
            $errors[] = new FileError('1', 'csv.column_twice', ['column' => mb_substr($twice, 0, 60)]);
        }
        foreach (array_diff($names, self::columns()) as $unknown) {
            $errors[] = new FileError('1', 'csv.column_unknown', ['column' => mb_substr($unknown, 0, 60)]);
        }
        if ([] !== $errors) {
            throw new RefusedFile(\array_slice($errors, 0, self::MOST_ERRORS));
        }
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
