<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126023000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pipes that were measured from outside';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE outside_pipe (id VARCHAR(36) NOT NULL, logged_at DATETIME NOT NULL, withdrawn_at DATETIME DEFAULT NULL,
            place VARCHAR(200) NOT NULL, length_m DOUBLE PRECISION NOT NULL, material VARCHAR(255) NOT NULL, bore_mm DOUBLE PRECISION DEFAULT NULL,
            fall_mm DOUBLE PRECISION DEFAULT NULL, level_deg DOUBLE PRECISION DEFAULT NULL, level_step_deg DOUBLE PRECISION NOT NULL,
            supports VARCHAR(255) NOT NULL, note CLOB NOT NULL, job_id VARCHAR(36) NOT NULL, PRIMARY KEY (id),
            CONSTRAINT FK_F413B8D2BE04EA9 FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_F413B8D2BE04EA9 ON outside_pipe (job_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE outside_pipe');
    }
}
