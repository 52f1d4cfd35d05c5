<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261129090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Of a run it may be that nobody said whether water was running';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE run ADD COLUMN water_said BOOLEAN DEFAULT NULL');
        $this->addSql('UPDATE run SET water_said = water_on');
        $this->addSql('ALTER TABLE run DROP COLUMN water_on');
        $this->addSql('ALTER TABLE run RENAME COLUMN water_said TO water_on');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE run ADD COLUMN water_was BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('UPDATE run SET water_was = COALESCE(water_on, 0)');
        $this->addSql('ALTER TABLE run DROP COLUMN water_on');
        $this->addSql('ALTER TABLE run RENAME COLUMN water_was TO water_on');
    }
}
