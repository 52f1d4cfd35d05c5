<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Prices of the firm, what is said of repairs, the recommended way, second opinions, links to dig sheets';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE firm ADD COLUMN prices CLOB DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE firm ADD COLUMN currency VARCHAR(4) DEFAULT '€' NOT NULL");
        $this->addSql('ALTER TABLE job ADD COLUMN recommended VARCHAR(255) DEFAULT NULL');
        $this->addSql("ALTER TABLE job ADD COLUMN recommended_because CLOB DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE share_link ADD COLUMN what VARCHAR(255) DEFAULT 'report' NOT NULL");
        $this->addSql(
            'CREATE TABLE repair_said (id VARCHAR(36) NOT NULL, finding_id VARCHAR(36) NOT NULL, left_out BOOLEAN NOT NULL,'
                .' surface VARCHAR(255) DEFAULT NULL, depth_m DOUBLE PRECISION DEFAULT NULL,'
                .' under_floor_m DOUBLE PRECISION DEFAULT NULL, from_outside BOOLEAN NOT NULL, fixture BOOLEAN NOT NULL,'
                .' neighbour BOOLEAN NOT NULL, note CLOB NOT NULL, job_id VARCHAR(36) NOT NULL, PRIMARY KEY(id),'
                .' CONSTRAINT FK_repair_job FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_3A1DD036BE04EA9 ON repair_said (job_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_3A1DD036BE04EA94323B5E7 ON repair_said (job_id, finding_id)');
        $this->addSql(
            'CREATE TABLE second_opinion (id VARCHAR(36) NOT NULL, finding_id VARCHAR(36) NOT NULL, question CLOB NOT NULL,'
                .' asked VARCHAR(255) DEFAULT NULL, asked_by VARCHAR(200) NOT NULL, asked_at DATETIME NOT NULL,'
                .' need VARCHAR(255) DEFAULT NULL, reason CLOB NOT NULL, answered_by VARCHAR(200) NOT NULL,'
                .' answered_at DATETIME DEFAULT NULL, decided VARCHAR(255) DEFAULT NULL, decided_by VARCHAR(200) NOT NULL,'
                .' decided_because CLOB NOT NULL, decided_at DATETIME DEFAULT NULL, job_id VARCHAR(36) NOT NULL, PRIMARY KEY(id),'
                .' CONSTRAINT FK_second_job FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_BC40304ABE04EA9 ON second_opinion (job_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE second_opinion');
        $this->addSql('DROP TABLE repair_said');
        $this->addSql('ALTER TABLE share_link DROP COLUMN what');
        $this->addSql('ALTER TABLE job DROP COLUMN recommended_because');
        $this->addSql('ALTER TABLE job DROP COLUMN recommended');
        $this->addSql('ALTER TABLE firm DROP COLUMN currency');
        $this->addSql('ALTER TABLE firm DROP COLUMN prices');
    }
}
