<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126203000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Entries of a browser\'s queue that were taken in, each once';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE taken_entry (hash VARCHAR(64) NOT NULL, taken_at DATETIME NOT NULL, PRIMARY KEY(hash))');
        $this->addSql('CREATE INDEX IDX_9636A982C48F0688 ON taken_entry (taken_at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE taken_entry');
    }
}
