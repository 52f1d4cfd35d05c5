<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127050000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Owners, who goes to a job, links to join and to a new password, sessions that can be listed, what was done with a firm\'s data';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE account ADD COLUMN disabled_at DATETIME DEFAULT NULL');
        $this->addSql('ALTER TABLE firm ADD COLUMN closed_at DATETIME DEFAULT NULL');
        $this->addSql('ALTER TABLE firm ADD COLUMN session_idle_hours INTEGER DEFAULT 12 NOT NULL');
        $this->addSql('ALTER TABLE firm ADD COLUMN session_days INTEGER DEFAULT 30 NOT NULL');
        $this->addSql(
            'CREATE TABLE access_link (used_at DATETIME DEFAULT NULL, id VARCHAR(36) NOT NULL, "for" VARCHAR(255) NOT NULL,'
                .' hash VARCHAR(64) NOT NULL, email VARCHAR(180) NOT NULL, name VARCHAR(120) NOT NULL, role VARCHAR(255) NOT NULL,'
                .' made_at DATETIME NOT NULL, ends_at DATETIME NOT NULL, firm_id VARCHAR(36) NOT NULL, PRIMARY KEY(id),'
                .' CONSTRAINT FK_access_link_firm FOREIGN KEY (firm_id) REFERENCES firm (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE UNIQUE INDEX UNIQ_C075FFF7D1B862B8 ON access_link (hash)');
        $this->addSql('CREATE INDEX IDX_C075FFF789AF7860 ON access_link (firm_id)');
        $this->addSql(
            'CREATE TABLE signed_in (ended_at DATETIME DEFAULT NULL, id VARCHAR(36) NOT NULL, since DATETIME NOT NULL,'
                .' seen_at DATETIME NOT NULL, device VARCHAR(300) NOT NULL, origin VARCHAR(60) NOT NULL, account_id VARCHAR(36) NOT NULL,'
                .' PRIMARY KEY(id), CONSTRAINT FK_signed_in_account FOREIGN KEY (account_id) REFERENCES account (id) NOT DEFERRABLE INITIALLY'
                .' IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_2F213A9B6B5FBA ON signed_in (account_id)');
        $this->addSql(
            'CREATE TABLE audit_entry (id VARCHAR(36) NOT NULL, firm_id VARCHAR(36) NOT NULL, at DATETIME NOT NULL, what VARCHAR(60) NOT NULL,'
                .' who VARCHAR(180) NOT NULL, origin VARCHAR(60) NOT NULL, about CLOB NOT NULL, PRIMARY KEY(id))',
        );
        $this->addSql('CREATE INDEX IDX_audit_of_firm ON audit_entry (firm_id, at)');
        // What was written down is never changed.
        $this->addSql("CREATE TRIGGER audit_stays BEFORE UPDATE ON audit_entry BEGIN SELECT RAISE(ABORT, 'An audit entry stays as it is.'); END");
        $this->addSql('ALTER TABLE job ADD COLUMN assignee_id VARCHAR(36) DEFAULT NULL REFERENCES account (id)');
        $this->addSql('CREATE INDEX IDX_FBD8E0F859EC7D60 ON job (assignee_id)');
        // A firm that had an office and no owner: whoever of it was there first.
        $this->addSql("UPDATE account SET role = 'owner' WHERE id IN (SELECT MIN(id) FROM account WHERE role = 'office' GROUP BY firm_id)");
    }

    public function down(Schema $schema): void
    {
        $this->addSql("UPDATE account SET role = 'office' WHERE role = 'owner'");
        $this->addSql('DROP INDEX IDX_FBD8E0F859EC7D60');
        $this->addSql('ALTER TABLE job DROP COLUMN assignee_id');
        $this->addSql('DROP TABLE access_link');
        $this->addSql('DROP TABLE signed_in');
        $this->addSql('DROP TABLE audit_entry');
        $this->addSql('ALTER TABLE account DROP COLUMN disabled_at');
        $this->addSql('ALTER TABLE firm DROP COLUMN closed_at');
        $this->addSql('ALTER TABLE firm DROP COLUMN session_idle_hours');
        $this->addSql('ALTER TABLE firm DROP COLUMN session_days');
    }
}
