<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What was said, word for word, and an index of its words';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE narrated (settled CLOB NOT NULL, id VARCHAR(36) NOT NULL, "source" VARCHAR(255) NOT NULL,'
                .' name VARCHAR(200) NOT NULL, cues CLOB NOT NULL, said_at DATETIME NOT NULL, at_m DOUBLE PRECISION DEFAULT NULL,'
                .' run_id VARCHAR(36) NOT NULL, PRIMARY KEY(id), CONSTRAINT FK_narrated_run FOREIGN KEY (run_id) REFERENCES run (id)'
                .' NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_CA4D5F9D84E3FEC4 ON narrated (run_id)');
        $this->addSql(
            'CREATE VIRTUAL TABLE said_words USING fts5(text, narrated_id UNINDEXED, job_id UNINDEXED, property_id UNINDEXED,'
                ." firm_id UNINDEXED, at_s UNINDEXED, at_m UNINDEXED, tokenize = 'porter unicode61')",
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE said_words');
        $this->addSql('DROP TABLE narrated');
    }
}
