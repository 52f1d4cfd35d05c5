<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The step in which a reel shows the tilt';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE kit_tool ADD COLUMN tilt_step_deg DOUBLE PRECISION DEFAULT 1 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException();
    }
}
