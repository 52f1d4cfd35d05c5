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
        foreach (['jetter', 'clear_tables'] as $column) {
            $this->addSql("ALTER TABLE firm ADD COLUMN $column CLOB DEFAULT '[]' NOT NULL");
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException();
    }
}
