<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123130500 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Readings of reels and what they come to, recordings of runs, and jobs that are practice';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE reading_batch (id VARCHAR(36) NOT NULL, count INTEGER NOT NULL, lines CLOB NOT NULL, run_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_BATCH_RUN FOREIGN KEY (run_id) REFERENCES run (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_943A915184E3FEC4 ON reading_batch (run_id)');
        $this->addSql('CREATE TABLE run_track (track CLOB NOT NULL, run_id VARCHAR(36) NOT NULL, PRIMARY KEY (run_id))');
        $this->addSql('ALTER TABLE run ADD COLUMN deepest_m DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('ALTER TABLE run ADD COLUMN video_name VARCHAR(200) DEFAULT NULL');
        $this->addSql('ALTER TABLE run ADD COLUMN video_type VARCHAR(100) DEFAULT NULL');
        $this->addSql('ALTER TABLE logged_finding ADD COLUMN drawn_back BOOLEAN DEFAULT NULL');
        $this->addSql('ALTER TABLE logged_finding ADD COLUMN recorded_s DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('ALTER TABLE job ADD COLUMN practice CLOB DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException();
    }
}
