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
        $this->addSql('ALTER TABLE run ALTER water_on DROP NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('UPDATE run SET water_on = FALSE WHERE water_on IS NULL');
        $this->addSql('ALTER TABLE run ALTER water_on SET NOT NULL');
    }
}
