<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Upkeep plans, letters, the closing list, links that end and count, the firm on its reports, its guarantee and calendar';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE upkeep_plan (id VARCHAR(36) NOT NULL, work VARCHAR(255) NOT NULL, every_months INTEGER NOT NULL,'
                .' due_on DATE NOT NULL, note CLOB NOT NULL, ended_at DATETIME DEFAULT NULL, property_id VARCHAR(36) NOT NULL,'
                .' PRIMARY KEY(id), CONSTRAINT FK_plan_property FOREIGN KEY (property_id) REFERENCES property (id)'
                .' NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_C077C99B549213EC ON upkeep_plan (property_id)');
        $this->addSql('CREATE INDEX IDX_C077C99B30E2D6DB ON upkeep_plan (due_on)');
        $this->addSql(
            'CREATE TABLE sent_letter (id VARCHAR(36) NOT NULL, "to" VARCHAR(200) NOT NULL, subject VARCHAR(200) NOT NULL,'
                .' text CLOB NOT NULL, with_pdf BOOLEAN NOT NULL, "by" VARCHAR(200) NOT NULL, sent_at DATETIME NOT NULL,'
                .' job_id VARCHAR(36) NOT NULL, PRIMARY KEY(id), CONSTRAINT FK_letter_job FOREIGN KEY (job_id) REFERENCES job (id)'
                .' NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_6D6F5981BE04EA9 ON sent_letter (job_id)');
        $this->addSql("ALTER TABLE job ADD COLUMN closing CLOB DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE share_link ADD COLUMN ends_on DATE DEFAULT NULL');
        $this->addSql('ALTER TABLE share_link ADD COLUMN opened INTEGER DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE share_link ADD COLUMN opened_at DATETIME DEFAULT NULL');
        $this->addSql('ALTER TABLE firm ADD COLUMN guarantee_months INTEGER DEFAULT 6 NOT NULL');
        $this->addSql('ALTER TABLE firm ADD COLUMN calendar_turn INTEGER DEFAULT 1 NOT NULL');
        $this->addSql("ALTER TABLE firm ADD COLUMN address CLOB DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE firm ADD COLUMN logo CLOB DEFAULT '' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        foreach (['logo', 'address', 'calendar_turn', 'guarantee_months'] as $column) {
            $this->addSql('ALTER TABLE firm DROP COLUMN '.$column);
        }
        foreach (['opened_at', 'opened', 'ends_on'] as $column) {
            $this->addSql('ALTER TABLE share_link DROP COLUMN '.$column);
        }
        $this->addSql('ALTER TABLE job DROP COLUMN closing');
        $this->addSql('DROP TABLE sent_letter');
        $this->addSql('DROP TABLE upkeep_plan');
    }
}
