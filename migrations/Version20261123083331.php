<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Auto-generated Migration: Please modify to your needs!
 */
final class Version20261123083331 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The whole record: firms, people, jobs, runs, findings, marks.';
    }

    public function up(Schema $schema): void
    {
        // this up() migration is auto-generated, please modify it to your needs
        $this->addSql('CREATE TABLE account (id VARCHAR(36) NOT NULL, password VARCHAR(255) NOT NULL, units VARCHAR(255) NOT NULL, theme VARCHAR(255) NOT NULL, email VARCHAR(180) NOT NULL, name VARCHAR(120) NOT NULL, role VARCHAR(255) NOT NULL, firm_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_7D3656A489AF7860 FOREIGN KEY (firm_id) REFERENCES firm (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_7D3656A4E7927C74 ON account (email)');
        $this->addSql('CREATE INDEX IDX_7D3656A489AF7860 ON account (firm_id)');
        $this->addSql('CREATE TABLE correction (id VARCHAR(36) NOT NULL, job_id VARCHAR(36) NOT NULL, entry_id VARCHAR(36) NOT NULL, entry VARCHAR(40) NOT NULL, changes CLOB NOT NULL, "by" VARCHAR(120) NOT NULL, at DATETIME NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX IDX_A29DA1B8BE04EA9 ON correction (job_id)');
        $this->addSql('CREATE TABLE firm (id VARCHAR(36) NOT NULL, water_school VARCHAR(255) NOT NULL, roots_school VARCHAR(255) NOT NULL, limits CLOB NOT NULL, name VARCHAR(120) NOT NULL, time_zone VARCHAR(60) NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_560581FD5E237E06 ON firm (name)');
        $this->addSql('CREATE TABLE flow_test (id VARCHAR(36) NOT NULL, logged_at DATETIME NOT NULL, withdrawn_at DATETIME DEFAULT NULL, minutes DOUBLE PRECISION NOT NULL, result VARCHAR(255) NOT NULL, note CLOB NOT NULL, job_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_6695A10BBE04EA9 FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_6695A10BBE04EA9 ON flow_test (job_id)');
        $this->addSql('CREATE TABLE job (zero VARCHAR(255) NOT NULL, zero_note VARCHAR(200) NOT NULL, cleared VARCHAR(255) DEFAULT NULL, cleared_note CLOB NOT NULL, seen_around CLOB NOT NULL, water_school VARCHAR(255) DEFAULT NULL, roots_school VARCHAR(255) DEFAULT NULL, advice CLOB NOT NULL, upkeep CLOB NOT NULL, upkeep_due_on DATE DEFAULT NULL, handed_over_at DATETIME DEFAULT NULL, look_closed_because CLOB NOT NULL, id VARCHAR(36) NOT NULL, opened_at DATETIME NOT NULL, done_by VARCHAR(120) NOT NULL, why VARCHAR(255) NOT NULL, place VARCHAR(200) NOT NULL, customer VARCHAR(200) NOT NULL, contact VARCHAR(200) NOT NULL, year_built INTEGER DEFAULT NULL, planned_on DATE DEFAULT NULL, turn INTEGER NOT NULL, backs_up CLOB NOT NULL, ordered CLOB NOT NULL, not_ordered CLOB NOT NULL, number VARCHAR(40) NOT NULL, customer_number VARCHAR(40) NOT NULL, bring CLOB NOT NULL, notes CLOB NOT NULL, report_units VARCHAR(255) NOT NULL, chosen_opening_id VARCHAR(36) DEFAULT NULL, firm_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_FBD8E0F8BF4641CF FOREIGN KEY (chosen_opening_id) REFERENCES opening (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_FBD8E0F889AF7860 FOREIGN KEY (firm_id) REFERENCES firm (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_FBD8E0F8BF4641CF ON job (chosen_opening_id)');
        $this->addSql('CREATE INDEX IDX_FBD8E0F889AF7860 ON job (firm_id)');
        $this->addSql('CREATE INDEX IDX_FBD8E0F889AF786090BBAC3A20201547 ON job (firm_id, planned_on, turn)');
        $this->addSql('CREATE INDEX IDX_FBD8E0F889AF786026C76DF4 ON job (firm_id, upkeep_due_on)');
        $this->addSql('CREATE INDEX IDX_FBD8E0F889AF78605A7C8BEDBF396750 ON job (firm_id, handed_over_at, id)');
        $this->addSql('CREATE TABLE logged_finding (kind VARCHAR(255) NOT NULL, from_m DOUBLE PRECISION NOT NULL, to_m DOUBLE PRECISION DEFAULT NULL, deepest_m DOUBLE PRECISION DEFAULT NULL, sureness VARCHAR(255) NOT NULL, clock_from DOUBLE PRECISION DEFAULT NULL, clock_to DOUBLE PRECISION DEFAULT NULL, size DOUBLE PRECISION DEFAULT NULL, unit VARCHAR(255) DEFAULT NULL, at_joint BOOLEAN NOT NULL, facts CLOB NOT NULL, note CLOB NOT NULL, id VARCHAR(36) NOT NULL, logged_at DATETIME NOT NULL, reading_m DOUBLE PRECISION DEFAULT NULL, invert_on_screen DOUBLE PRECISION DEFAULT NULL, replaces VARCHAR(36) DEFAULT NULL, withdrawn_at DATETIME DEFAULT NULL, run_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_FB075C2A84E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_FB075C2A84E3FEC4 ON logged_finding (run_id)');
        $this->addSql('CREATE INDEX IDX_FB075C2A84E3FEC4281C89EAC1171D13 ON logged_finding (run_id, withdrawn_at, from_m)');
        $this->addSql('CREATE TABLE mark (id VARCHAR(36) NOT NULL, logged_at DATETIME NOT NULL, withdrawn_at DATETIME DEFAULT NULL, at_m DOUBLE PRECISION NOT NULL, depths_m CLOB NOT NULL, over_head VARCHAR(255) NOT NULL, paint VARCHAR(255) NOT NULL, ground VARCHAR(255) NOT NULL, tie_one_m DOUBLE PRECISION DEFAULT NULL, tie_one_to VARCHAR(120) NOT NULL, tie_two_m DOUBLE PRECISION DEFAULT NULL, tie_two_to VARCHAR(120) NOT NULL, note CLOB NOT NULL, run_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_6674F27184E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_6674F27184E3FEC4 ON mark (run_id)');
        $this->addSql('CREATE TABLE opening (id VARCHAR(36) NOT NULL, withdrawn_at DATETIME DEFAULT NULL, kind VARCHAR(255) NOT NULL, place VARCHAR(200) NOT NULL, size_mm DOUBLE PRECISION DEFAULT NULL, drop_m DOUBLE PRECISION NOT NULL, faces VARCHAR(255) NOT NULL, state VARCHAR(255) NOT NULL, permission CLOB NOT NULL, job_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_E35D4C3BE04EA9 FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_E35D4C3BE04EA9 ON opening (job_id)');
        $this->addSql('CREATE TABLE own_opinion (id VARCHAR(36) NOT NULL, finding_id VARCHAR(36) NOT NULL, need VARCHAR(255) NOT NULL, reason CLOB NOT NULL, "by" VARCHAR(120) NOT NULL, at DATETIME NOT NULL, withdrawn_at DATETIME DEFAULT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX IDX_92F799F64323B5E7 ON own_opinion (finding_id)');
        $this->addSql('CREATE TABLE pass (id VARCHAR(36) NOT NULL, logged_at DATETIME NOT NULL, withdrawn_at DATETIME DEFAULT NULL, tool VARCHAR(255) NOT NULL, head VARCHAR(120) NOT NULL, in_m DOUBLE PRECISION NOT NULL, out_m DOUBLE PRECISION NOT NULL, felt CLOB NOT NULL, water VARCHAR(255) DEFAULT NULL, came_back CLOB NOT NULL, note CLOB NOT NULL, job_id VARCHAR(36) NOT NULL, opening_id VARCHAR(36) DEFAULT NULL, PRIMARY KEY (id), CONSTRAINT FK_CE70D424BE04EA9 FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_CE70D424464F291F FOREIGN KEY (opening_id) REFERENCES opening (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_CE70D424BE04EA9 ON pass (job_id)');
        $this->addSql('CREATE INDEX IDX_CE70D424464F291F ON pass (opening_id)');
        $this->addSql('CREATE TABLE photo (finding_id VARCHAR(36) NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL, jpeg CLOB NOT NULL, PRIMARY KEY (finding_id))');
        $this->addSql('CREATE TABLE run (water_off_at DATETIME DEFAULT NULL, ended_at DATETIME DEFAULT NULL, end_reason VARCHAR(255) DEFAULT NULL, reached_m DOUBLE PRECISION DEFAULT NULL, end_note CLOB NOT NULL, id VARCHAR(36) NOT NULL, started_at DATETIME NOT NULL, zero VARCHAR(255) NOT NULL, zero_note VARCHAR(200) NOT NULL, travel VARCHAR(255) NOT NULL, counter_factor DOUBLE PRECISION NOT NULL, cable_out_at_zero_m DOUBLE PRECISION NOT NULL, cable_length_m DOUBLE PRECISION NOT NULL, material VARCHAR(255) NOT NULL, bore_mm DOUBLE PRECISION DEFAULT NULL, expected_m DOUBLE PRECISION DEFAULT NULL, water_on BOOLEAN NOT NULL, job_id VARCHAR(36) NOT NULL, opening_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_5076A4C0BE04EA9 FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_5076A4C0464F291F FOREIGN KEY (opening_id) REFERENCES opening (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_5076A4C0BE04EA9 ON run (job_id)');
        $this->addSql('CREATE INDEX IDX_5076A4C0464F291F ON run (opening_id)');
        $this->addSql('CREATE INDEX IDX_5076A4C0D46F4E3 ON run (started_at)');
        $this->addSql('CREATE TABLE share_link (revoked_at DATETIME DEFAULT NULL, id VARCHAR(36) NOT NULL, made_at DATETIME NOT NULL, job_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_8B6B9468BE04EA9 FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_8B6B9468BE04EA9 ON share_link (job_id)');
    }

    public function down(Schema $schema): void
    {
        // this down() migration is auto-generated, please modify it to your needs
        $this->addSql('DROP TABLE account');
        $this->addSql('DROP TABLE correction');
        $this->addSql('DROP TABLE firm');
        $this->addSql('DROP TABLE flow_test');
        $this->addSql('DROP TABLE job');
        $this->addSql('DROP TABLE logged_finding');
        $this->addSql('DROP TABLE mark');
        $this->addSql('DROP TABLE opening');
        $this->addSql('DROP TABLE own_opinion');
        $this->addSql('DROP TABLE pass');
        $this->addSql('DROP TABLE photo');
        $this->addSql('DROP TABLE run');
        $this->addSql('DROP TABLE share_link');
    }
}
