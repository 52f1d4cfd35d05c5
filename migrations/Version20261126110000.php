<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126110000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What is said of pairs of findings of two looks';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE pair_said (id VARCHAR(36) NOT NULL, before_id VARCHAR(36) NOT NULL, after_id VARCHAR(36) NOT NULL,'
                .' is_same BOOLEAN NOT NULL, job_id VARCHAR(36) NOT NULL, PRIMARY KEY(id),'
                .' CONSTRAINT FK_pair_job FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_26135172BE04EA9 ON pair_said (job_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_26135172BE04EA9BB97FBF852C54C ON pair_said (job_id, before_id, after_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE pair_said');
    }
}
