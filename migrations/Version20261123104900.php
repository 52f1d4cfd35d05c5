<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123104900 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What is to be cleared, the gates before it, and the firm\'s jetter';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE job ADD COLUMN clearing_blockage VARCHAR(255) DEFAULT 'unknown' NOT NULL");
        foreach (['near_m', 'far_m'] as $place) {
            $this->addSql("ALTER TABLE job ADD COLUMN clearing_$place DOUBLE PRECISION DEFAULT NULL");
        }
        foreach (['no_water', 'fragile', 'weak_far', 'frost'] as $fact) {
            $this->addSql("ALTER TABLE job ADD COLUMN clearing_$fact BOOLEAN DEFAULT 0 NOT NULL");
        }
        $this->addSql("ALTER TABLE job ADD COLUMN gates CLOB DEFAULT '[]' NOT NULL");
        foreach (['turns_right', 'turns_left'] as $turns) {
            $this->addSql("ALTER TABLE pass ADD COLUMN $turns INTEGER DEFAULT 0 NOT NULL");
        }
        $this->addSql('CREATE TABLE stuck_tool (gauge VARCHAR(255) NOT NULL, progress VARCHAR(255) DEFAULT NULL, soil_comes_back BOOLEAN NOT NULL, tried CLOB NOT NULL, freed_by VARCHAR(40) NOT NULL, ended_at DATETIME DEFAULT NULL, id VARCHAR(36) NOT NULL, trouble VARCHAR(255) NOT NULL, at_m DOUBLE PRECISION NOT NULL, began_at DATETIME NOT NULL, job_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_STUCK_JOB FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_D4924BF6BE04EA9 ON stuck_tool (job_id)');
        $this->addSql('ALTER TABLE kit_tool ADD COLUMN wear VARCHAR(255) DEFAULT NULL');
        $this->addSql('ALTER TABLE kit_tool ADD COLUMN worn_at DATETIME DEFAULT NULL');
        foreach (['jetter', 'clear_tables'] as $column) {
            $this->addSql("ALTER TABLE firm ADD COLUMN $column CLOB DEFAULT '[]' NOT NULL");
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException();
    }
}
