<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126213000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The hand that holds the phone';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE account ADD COLUMN hand VARCHAR(255) DEFAULT 'right' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE account DROP COLUMN hand');
    }
}
