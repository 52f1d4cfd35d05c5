<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127040000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Languages of a person, of what was said, of a firm\'s reports and of a job\'s report';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE account ADD COLUMN language VARCHAR(12) DEFAULT NULL');
        $this->addSql('ALTER TABLE firm ADD COLUMN report_language VARCHAR(12) DEFAULT NULL');
        $this->addSql('ALTER TABLE firm ADD COLUMN report_units VARCHAR(255) DEFAULT NULL');
        $this->addSql("ALTER TABLE narrated ADD COLUMN language VARCHAR(12) DEFAULT 'en' NOT NULL");
        $this->addSql('ALTER TABLE job ADD COLUMN report_language VARCHAR(12) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE account DROP COLUMN language');
        $this->addSql('ALTER TABLE firm DROP COLUMN report_language');
        $this->addSql('ALTER TABLE firm DROP COLUMN report_units');
        $this->addSql('ALTER TABLE narrated DROP COLUMN language');
        $this->addSql('ALTER TABLE job DROP COLUMN report_language');
    }
}
