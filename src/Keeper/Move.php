<?php

declare(strict_types=1);

namespace App\Keeper;

use App\Support\Database\Platform;
use App\Support\Database\Rules;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Schema\AbstractSchemaManager;
use Doctrine\DBAL\Schema\Table;
use Symfony\Component\Process\Process;

/**
 * Copies all that is in this installation's database into an empty one of the other kind, or of the same: whole or not at all. What
 * has come there is read again and compared row by row before it counts.
 */
final readonly class Move
{
    private const LONGEST_S = 600;
    /** What each installation keeps for itself. */
    private const OWN = ['doctrine_migration_versions', ...DatabaseCopies::PASSING];

    public function __construct(private Connection $from, private string $projectDir)
    {
    }

    /**
     * @param string $url of the other database, as DATABASE_URL has it
     *
     * @return array<string, int> rows by table
     *
     * @throws \RuntimeException with nothing moved
     */
    public function to(string $url): array
    {
        $into = Platform::connect($url);
        if (Rows::hasData($into)) {
            throw new BackupFailed('There are data in the other database already.');
        }
        $this->prepare($url);
        $tables = $this->tables($into);
        $this->from->beginTransaction();
        try {
            // One moment of this one, whatever is written meanwhile.
            if (Platform::PostgreSql === Platform::ofConnection($this->from)) {
                $this->from->executeStatement('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ READ ONLY');
            }

            return Rules::without($into, fn () => $this->copied($tables, $into));
        } finally {
            $this->from->rollBack();
        }
    }

    /**
     * @param list<MovedTable> $tables
     *
     * @return array<string, int> rows by table
     */
    private function copied(array $tables, Connection $into): array
    {
        $rows = [];
        foreach ($tables as $table) {
            $gone = $come = [0, 0];
            foreach ($table->pieces($this->from) as $piece) {
                $table->insert($into, $piece);
                $gone = [$gone[0] + \count($piece), $gone[1] + MovedTable::sum($piece)];
            }
            foreach ($table->pieces($into) as $piece) {
                $come = [$come[0] + \count($piece), $come[1] + MovedTable::sum($piece)];
            }
            if ($gone !== $come) {
                throw new BackupFailed(\sprintf('Of %s %d rows went and %d came, or not as they were.', $table->name, $gone[0], $come[0]));
            }
            $rows[$table->name] = $gone[0];
        }

        return $rows;
    }

    /** Its tables are made by their own migrations. */
    private function prepare(string $url): void
    {
        $process = new Process(
            [\PHP_BINARY, 'bin/console', 'doctrine:migrations:migrate', '--no-interaction', '--quiet'], $this->projectDir,
            ['DATABASE_URL' => $url], timeout: self::LONGEST_S,
        );
        $process->run();
        if (!$process->isSuccessful()) {
            throw new BackupFailed('The other database cannot be made ready: '.trim($process->getErrorOutput().$process->getOutput()));
        }
    }

    /** @return list<MovedTable> */
    private function tables(Connection $into): array
    {
        [$here, $there] = [self::known($this->from->createSchemaManager()), self::known($into->createSchemaManager())];
        if (array_keys($here) !== array_keys($there)) {
            throw new BackupFailed('The tables are not the same in both: migrate this installation first.');
        }
        $tables = [MovedTable::ofWords()];
        foreach ($here as $name => $table) {
            [$columns, $others] = [array_keys($table->getColumns()), array_keys($there[$name]->getColumns())];
            if ([] !== array_diff($columns, $others) || [] !== array_diff($others, $columns)) {
                throw new BackupFailed('The table '.$name.' is not the same in both: migrate this installation first.');
            }
            $key = $table->getPrimaryKey()?->getUnquotedColumns()[0] ?? throw new BackupFailed('The table '.$name.' has no key.');
            $tables[] = MovedTable::by($name, $key, $table->getColumns());
        }

        return $tables;
    }

    /**
     * @param AbstractSchemaManager<AbstractPlatform> $manager
     *
     * @return array<string, Table> by name, in order
     */
    private static function known(AbstractSchemaManager $manager): array
    {
        $known = [];
        foreach ($manager->listTableNames() as $name) {
            if (!\in_array($name, self::OWN, true) && !str_starts_with($name, MovedTable::WORDS)) {
                $known[$name] = $manager->introspectTable($name);
            }
        }
        ksort($known);

        return $known;
    }
}
