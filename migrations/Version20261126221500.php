<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126221500 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pictures of the place and of its openings';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE job_picture (withdrawn_at DATETIME DEFAULT NULL, id VARCHAR(36) NOT NULL, taken_at DATETIME NOT NULL,'
                .' note VARCHAR(200) NOT NULL, job_id VARCHAR(36) NOT NULL, opening_id VARCHAR(36) DEFAULT NULL, PRIMARY KEY(id),'
                .' CONSTRAINT FK_picture_job FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE,'
                .' CONSTRAINT FK_picture_opening FOREIGN KEY (opening_id) REFERENCES opening (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_8C34F812BE04EA9 ON job_picture (job_id)');
        $this->addSql('CREATE INDEX IDX_8C34F812464F291F ON job_picture (opening_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE job_picture');
    }
}
