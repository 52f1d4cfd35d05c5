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
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job DROP COLUMN clearing_loose_m');
        $this->addSql('ALTER TABLE job DROP COLUMN cause');
        $this->addSql('ALTER TABLE job DROP COLUMN use_advice');
    }
}
