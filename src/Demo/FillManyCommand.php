<?php

declare(strict_types=1);

namespace App\Demo;

use App\Support\Database\Platform;
use App\Support\Database\Rules;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Schema\ForeignKeyConstraint;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Copies what jurvex:bench:fill has made, by statements of the database: so many jobs are beyond what objects fill in minutes. */
#[AsCommand('jurvex:bench:many', 'Multiplies the jobs of the benchmark')]
final class FillManyCommand extends Command
{
    /** Each after what it points to. */
    private const TABLES = ['property', 'job', 'opening', 'run', 'logged_finding'];
    /** An identifier begins with its time, whose first letter is 0 for centuries: there a copy has its number. */
    private const MOST = 16;

    public function __construct(private readonly Connection $database)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('times', InputArgument::OPTIONAL, 'How many times as many there shall be', '10');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $times = filter_var($input->getArgument('times'), \FILTER_VALIDATE_INT, [
            'options' => ['min_range' => 2, 'max_range' => self::MOST],
        ]);
        if (false === $times) {
            throw new \InvalidArgumentException('A number from 2 to '.self::MOST.'.');
        }
        // A job points to its chosen opening, which is copied after it.
        Rules::without($this->database, function () use ($times): void {
            foreach (self::TABLES as $table) {
                for ($copy = 1; $copy < $times; ++$copy) {
                    $this->copy($table, $copy);
                }
            }
        });
        // As a database that is in use has counted by itself before long.
        if (Platform::PostgreSql === Platform::ofConnection($this->database)) {
            $this->database->executeStatement('ANALYZE');
        }
        foreach (self::TABLES as $table) {
            $output->writeln($table.' '.$this->count("SELECT COUNT(*) FROM $table"));
        }

        return self::SUCCESS;
    }

    private function copy(string $table, int $copy): void
    {
        $known = $this->database->createSchemaManager()->introspectTable($table);
        $pointers = array_merge(...array_map(
            static fn (ForeignKeyConstraint $key) => $key->getLocalColumns(),
            array_values(array_filter($known->getForeignKeys(), static fn (ForeignKeyConstraint $key) => \in_array(
                $key->getForeignTableName(), self::TABLES, true,
            ))),
        ), ...[[]]);
        $names = $values = [];
        foreach ($known->getColumns() as $column) {
            $names[] = $name = $column->getQuotedName($this->database->getDatabasePlatform());
            $values[] = match (true) {
                'id' === $name, \in_array($name, $pointers, true) => \sprintf("'%x' || substr(%s, 2)", $copy, $name),
                'place' === $name, 'place_key' === $name => "$name || ' $copy'",
                default => $name,
            };
        }
        $this->database->executeStatement(\sprintf(
            "INSERT INTO %s (%s) SELECT %s FROM %1\$s WHERE id LIKE '0%%'", $table, implode(', ', $names), implode(', ', $values),
        ));
    }

    private function count(string $sql): int
    {
        $count = $this->database->fetchOne($sql);

        return is_numeric($count) ? (int) $count : 0;
    }
}
