<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126053000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'How the cable is made today, why the line stopped and how to use it';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job ADD COLUMN clearing_loose_m DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('ALTER TABLE job ADD COLUMN cause VARCHAR(255) DEFAULT NULL');
        $this->addSql("ALTER TABLE job ADD COLUMN use_advice CLOB DEFAULT '' NOT NULL");
        $this->addSql('CREATE TABLE machine_care (id VARCHAR(36) NOT NULL, hours DOUBLE PRECISION NOT NULL, done CLOB NOT NULL,
            every CLOB NOT NULL, machine VARCHAR(255) NOT NULL, firm_id VARCHAR(36) NOT NULL, PRIMARY KEY (id),
            CONSTRAINT FK_3719433C89AF7860 FOREIGN KEY (firm_id) REFERENCES firm (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_3719433C89AF7860 ON machine_care (firm_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_3719433C89AF78601505DF84 ON machine_care (firm_id, machine)');
        $this->addSql('CREATE TABLE pre_use_check (id VARCHAR(36) NOT NULL, machine VARCHAR(255) NOT NULL, line VARCHAR(60) NOT NULL,
            good BOOLEAN NOT NULL, reason VARCHAR(400) NOT NULL, "by" VARCHAR(120) NOT NULL, at DATETIME NOT NULL,
            job_id VARCHAR(36) NOT NULL, PRIMARY KEY (id),
            CONSTRAINT FK_527C5055BE04EA9 FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_527C5055BE04EA9 ON pre_use_check (job_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_527C5055BE04EA91505DF84D114B4F6 ON pre_use_check (job_id, machine, line)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE pre_use_check');
        $this->addSql('DROP TABLE machine_care');
        $this->addSql('ALTER TABLE job DROP COLUMN clearing_loose_m');
        $this->addSql('ALTER TABLE job DROP COLUMN cause');
        $this->addSql('ALTER TABLE job DROP COLUMN use_advice');
    }
}
