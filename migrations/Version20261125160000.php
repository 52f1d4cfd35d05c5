<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Symfony\Component\Uid\Uuid;

final class Version20261125160000 extends AbstractMigration
{
    private const JOB = 'job_id VARCHAR(36) NOT NULL';
    private const KEYS = 'PRIMARY KEY (id), CONSTRAINT %s FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE';

    public function getDescription(): string
    {
        return 'Evidence on site is rows of its own: places seen, tests made, danger signs, gates';
    }

    public function up(Schema $schema): void
    {
        $this->table('seen_place', 'withdrawn_at DATETIME DEFAULT NULL, id VARCHAR(36) NOT NULL, node VARCHAR(80) NOT NULL, answer VARCHAR(255) NOT NULL', 'job_id, node');
        $this->table('test_made', 'withdrawn_at DATETIME DEFAULT NULL, id VARCHAR(36) NOT NULL, run VARCHAR(80) NOT NULL, watched VARCHAR(80) NOT NULL, answer VARCHAR(255) NOT NULL, by VARCHAR(120) NOT NULL, at DATETIME NOT NULL', 'job_id, run, watched');
        $this->table('danger_said', 'id VARCHAR(36) NOT NULL, sign VARCHAR(255) NOT NULL, state VARCHAR(255) NOT NULL, by VARCHAR(120) NOT NULL, at DATETIME NOT NULL', 'job_id, sign');
        $this->table('gate_line', 'withdrawn_at DATETIME DEFAULT NULL, id VARCHAR(36) NOT NULL, machine VARCHAR(255) NOT NULL, line VARCHAR(60) NOT NULL, by VARCHAR(120) NOT NULL, at DATETIME NOT NULL', 'job_id, machine, line');
        foreach ($this->connection->fetchAllAssociative('SELECT id, seen, made_tests, dangers, gates FROM job') as $job) {
            $this->carryOver($job);
        }
        foreach (['seen', 'made_tests', 'dangers', 'gates'] as $column) {
            $this->addSql('ALTER TABLE job DROP COLUMN '.$column);
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException();
    }

    private function table(string $name, string $columns, string $unique): void
    {
        $index = static fn (string $prefix, string ...$names) => strtoupper($prefix.'_'.implode('', array_map(static fn (string $each) => dechex(crc32($each)), [$name, ...$names])));
        $this->addSql("CREATE TABLE $name ($columns, ".self::JOB.', '.\sprintf(self::KEYS, $index('fk', 'job_id')).')');
        $this->addSql('CREATE INDEX '.$index('idx', 'job_id')." ON $name (job_id)");
        $this->addSql('CREATE UNIQUE INDEX '.$index('uniq', ...explode(', ', $unique))." ON $name ($unique)");
    }

    /** @param array<string, mixed> $job */
    private function carryOver(array $job): void
    {
        $list = static fn (string $column) => \is_string($job[$column]) ? (array) json_decode($job[$column], true, 16, \JSON_THROW_ON_ERROR) : [];
        foreach ($list('seen') as $node => $answer) {
            $this->row('seen_place', $job, ['node' => (string) $node, 'answer' => $answer]);
        }
        foreach ($list('made_tests') as $test) {
            $this->row('test_made', $job, ['run' => $test['run'], 'watched' => $test['watched'], 'answer' => $test['seen'], ...self::said($test)]);
        }
        foreach ($list('dangers') as $sign => $said) {
            $this->row('danger_said', $job, ['sign' => $sign, 'state' => $said['state'], ...self::said($said)]);
        }
        foreach ($list('gates') as $machine => $lines) {
            foreach ($lines as $line => $said) {
                $this->row('gate_line', $job, ['machine' => $machine, 'line' => $line, ...self::said($said)]);
            }
        }
    }

    /**
     * @param array{by: string, at: string} $said
     *
     * @return array{by: string, at: string}
     */
    private static function said(array $said): array
    {
        return ['by' => $said['by'], 'at' => (new \DateTimeImmutable($said['at']))->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s')];
    }

    /**
     * @param array<string, mixed> $job
     * @param array<string, mixed> $values
     */
    private function row(string $table, array $job, array $values): void
    {
        $values = ['id' => Uuid::v7()->toRfc4122(), 'job_id' => $job['id'], ...$values];
        $this->addSql('INSERT INTO '.$table.' ('.implode(', ', array_keys($values)).') VALUES ('.implode(', ', array_fill(0, \count($values), '?')).')', array_values($values));
    }
}
