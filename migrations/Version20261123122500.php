<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123122500 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Passes that are logged while they are made, levels of flow tests, and what overrides the line map in a plan';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job ADD COLUMN clearing_material VARCHAR(255) DEFAULT NULL');
        $this->addSql('ALTER TABLE job ADD COLUMN clearing_bore_mm DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('ALTER TABLE job ADD COLUMN clearing_direction VARCHAR(255) DEFAULT NULL');
        foreach (['head_class', 'blockage'] as $code) {
            $this->addSql("ALTER TABLE pass ADD COLUMN $code VARCHAR(255) DEFAULT NULL");
        }
        foreach (['minutes_back', 'flow_lmin'] as $number) {
            $this->addSql("ALTER TABLE pass ADD COLUMN $number DOUBLE PRECISION DEFAULT NULL");
        }
        foreach (['felt_at', 'entries'] as $list) {
            $this->addSql("ALTER TABLE pass ADD COLUMN $list CLOB DEFAULT '[]' NOT NULL");
        }
        $this->addSql('ALTER TABLE pass ADD COLUMN open BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE pass ADD COLUMN stand_in CLOB DEFAULT NULL');
        foreach (['level_before_m', 'level_after_m'] as $level) {
            $this->addSql("ALTER TABLE flow_test ADD COLUMN $level DOUBLE PRECISION DEFAULT NULL");
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException();
    }
}
