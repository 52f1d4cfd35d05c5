<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use App\Call\Property;
use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123092419 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Properties with their line maps, the kit, triage, and more of each opening';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE property (place VARCHAR(200) NOT NULL, place_key VARCHAR(200) NOT NULL, map CLOB NOT NULL, turned_down CLOB NOT NULL, id VARCHAR(36) NOT NULL, firm_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_8BF21CDE89AF7860 FOREIGN KEY (firm_id) REFERENCES firm (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE TABLE kit_tool (id VARCHAR(36) NOT NULL, withdrawn_at DATETIME DEFAULT NULL, name VARCHAR(80) NOT NULL, kind VARCHAR(255) NOT NULL, length_m DOUBLE PRECISION NOT NULL, diameter_mm DOUBLE PRECISION NOT NULL, stiffness_nm2 DOUBLE PRECISION NOT NULL, weight_nper_m DOUBLE PRECISION NOT NULL, friction_dry DOUBLE PRECISION NOT NULL, friction_wet DOUBLE PRECISION NOT NULL, push_limit_n DOUBLE PRECISION NOT NULL, pull_limit_n DOUBLE PRECISION NOT NULL, clearance_mm DOUBLE PRECISION NOT NULL, passes_traps BOOLEAN NOT NULL, heads CLOB NOT NULL, firm_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_DDCA9CB289AF7860 FOREIGN KEY (firm_id) REFERENCES firm (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_DDCA9CB289AF7860 ON kit_tool (firm_id)');
        $this->addSql('CREATE TABLE map_version (id VARCHAR(36) NOT NULL, undone BOOLEAN NOT NULL, map CLOB NOT NULL, "by" VARCHAR(120) NOT NULL, at DATETIME NOT NULL, property_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_90372B9F549213EC FOREIGN KEY (property_id) REFERENCES property (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_90372B9F549213EC ON map_version (property_id)');
        $this->addSql('CREATE INDEX IDX_90372B9F549213ECBF396750 ON map_version (property_id, id)');
        $this->addSql('CREATE INDEX IDX_8BF21CDE89AF7860 ON property (firm_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_8BF21CDE89AF78608522CD58 ON property (firm_id, place_key)');
        $this->addSql('ALTER TABLE opening ADD COLUMN node VARCHAR(40) DEFAULT NULL');
        $this->addSql('ALTER TABLE opening ADD COLUMN source VARCHAR(255) DEFAULT \'measured\' NOT NULL');
        $this->addSql('ALTER TABLE opening ADD COLUMN bend_deg DOUBLE PRECISION DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE opening ADD COLUMN trap BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE opening ADD COLUMN leaning BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE opening ADD COLUMN fragile VARCHAR(200) DEFAULT \'\' NOT NULL');
        $this->addSql('ALTER TABLE opening ADD COLUMN leave VARCHAR(255) DEFAULT \'not_needed\' NOT NULL');
        $this->addSql('ALTER TABLE opening ADD COLUMN neighbour BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE opening ADD COLUMN asked_whom VARCHAR(120) DEFAULT \'\' NOT NULL');
        $this->addSql('ALTER TABLE opening ADD COLUMN asked_on DATE DEFAULT NULL');
        $this->addSql('ALTER TABLE run ADD COLUMN rig VARCHAR(44) DEFAULT NULL');
        foreach (['firm' => ['access_rules', 'triage_tables'], 'job' => ['seen', 'made_tests', 'dangers']] as $table => $columns) {
            foreach ($columns as $column) {
                $this->addSql("ALTER TABLE $table ADD COLUMN $column CLOB DEFAULT '[]' NOT NULL");
            }
        }
        $this->addSql('ALTER TABLE job ADD COLUMN property_id VARCHAR(36) DEFAULT NULL CONSTRAINT FK_FBD8E0F8549213EC REFERENCES property (id) NOT DEFERRABLE INITIALLY IMMEDIATE');
        $this->addSql('CREATE INDEX IDX_FBD8E0F8549213EC ON job (property_id)');
        $this->giveEveryJobItsProperty();
    }

    /** Jobs at the same place of a firm share one; it takes the identifier of the first of them. */
    private function giveEveryJobItsProperty(): void
    {
        $properties = [];
        foreach ($this->connection->createSchemaManager()->tablesExist(['job']) ? $this->connection->fetchAllAssociative('SELECT id, firm_id, place FROM job ORDER BY id') : [] as $job) {
            \assert(\is_string($job['id']) && \is_string($job['firm_id']) && \is_string($job['place']));
            $key = Property::key($job['place']);
            if (!isset($properties[$job['firm_id']][$key])) {
                $properties[$job['firm_id']][$key] = $job['id'];
                $this->addSql("INSERT INTO property (id, firm_id, place, place_key, map, turned_down) VALUES (?, ?, ?, ?, '[]', '[]')", [$job['id'], $job['firm_id'], $job['place'], $key]);
            }
            $this->addSql('UPDATE job SET property_id = ? WHERE id = ?', [$properties[$job['firm_id']][$key], $job['id']]);
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException();
    }
}
